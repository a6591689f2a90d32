import { Pressable, View } from 'react-native';
import type { OwnStep } from '@crustan/core/plan/ownSteps';
import { sayDuration } from '@crustan/core/units';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import type { Show } from '../../../words/show';
import { useShow } from '../../../words/useShow';

/** What a step is moved by, s. */
const MOVES: Readonly<Record<OwnStep['do'], number>> = { pan: 30, oven: 60, rest: 60, turn: 0 };
const LEAST = 10;

/** Steps to begin with, where one is added. */
const ADDED: readonly (readonly [string, OwnStep])[] = [
  ['Pan', { do: 'pan', seconds: 120 }],
  ['Turn', { do: 'turn' }],
  ['Oven', { do: 'oven', seconds: 480 }],
  ['Rest', { do: 'rest', seconds: 300 }],
];

const sayStep = (step: OwnStep, show: Show): string => {
  switch (step.do) {
    case 'turn':
      return 'turn';
    case 'rest':
      return `rest ${sayDuration(step.seconds)}`;
    case 'oven':
      return `oven${step.air === undefined ? '' : ` at ${show.degrees(step.air)}`} ${sayDuration(step.seconds)}`;
    case 'pan':
      return `pan${step.pan === undefined ? '' : ` at ${show.degrees(step.pan)}`} ${sayDuration(step.seconds)}${
        step.every === undefined ? '' : `, turned every ${step.every} s`
      }`;
  }
};

interface Props {
  readonly steps: readonly OwnStep[];
  readonly onChange: (steps: readonly OwnStep[]) => void;
}

/** The steps one under another: each made longer, shorter, or taken out; more added at the end. */
export const StepRows = ({ steps, onChange }: Props) => {
  const show = useShow();
  const replace = (at: number, by: readonly OwnStep[]): void =>
    onChange(steps.toSpliced(at, 1, ...by));
  return (
    <View className="gap-1">
      <View role="list" aria-label="Steps">
        {steps.map((step, i) => {
          const said = sayStep(step, show);
          const moved = (by: number): readonly OwnStep[] =>
            step.do === 'turn'
              ? [step]
              : [{ ...step, seconds: Math.max(LEAST, step.seconds + by) }];
          return (
            <View
              key={i}
              role="listitem"
              className="min-h-touch flex-row items-center gap-2 border-b border-salt-200"
            >
              <Text className="flex-1">{`${i + 1}. ${said}`}</Text>
              {step.do === 'turn' ? null : (
                <>
                  <Small
                    label="−"
                    says={`Shorter: ${said}`}
                    onPress={() => replace(i, moved(-MOVES[step.do]))}
                  />
                  <Small
                    label="+"
                    says={`Longer: ${said}`}
                    onPress={() => replace(i, moved(MOVES[step.do]))}
                  />
                </>
              )}
              <Small label="×" says={`Take out: ${said}`} onPress={() => replace(i, [])} />
            </View>
          );
        })}
      </View>
      <View className="flex-row flex-wrap gap-2">
        {ADDED.filter(([, step]) => step.do !== 'turn' || steps.length > 0).map(([label, step]) => (
          <Button
            key={label}
            kind="plain"
            label={`+ ${label}`}
            onPress={() => onChange([...steps, step])}
          />
        ))}
      </View>
    </View>
  );
};

interface SmallProps {
  readonly label: string;
  readonly says: string;
  readonly onPress: () => void;
}

const Small = ({ label, says, onPress }: SmallProps) => (
  <Pressable
    role="button"
    aria-label={says}
    onPress={onPress}
    className="min-h-touch min-w-touch items-center justify-center rounded border border-salt-300"
  >
    <Text voice="figure">{label}</Text>
  </Pressable>
);
