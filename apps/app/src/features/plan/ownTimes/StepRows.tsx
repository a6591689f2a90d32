import { Pressable, View } from 'react-native';
import type { SaidStep, SaidTime } from '@crustan/core/plan/saidStep';
import { formatDuration } from '@crustan/core/units';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import type { Show } from '../../../words/show';
import { useShow } from '../../../words/useShow';
import { t } from '../t';

/** Change of a step by one press, s. */
const MOVES: Readonly<Record<SaidStep['do'], number>> = { pan: 30, oven: 60, rest: 60, turn: 0 };
const LEAST = 10;
/** Change of an end by the core by one press, K. */
const CORE_MOVES = 1;

const lasting = (seconds: number): SaidTime => ({ least: seconds, most: seconds });

/** Steps to begin with, where one is added. */
const ADDED: readonly (readonly [string, SaidStep])[] = [
  [t('pan'), { do: 'pan', time: lasting(120) }],
  [t('turn'), { do: 'turn' }],
  [t('oven'), { do: 'oven', time: lasting(480) }],
  [t('rest-2'), { do: 'rest', time: lasting(300) }],
];

/** `3 min`, or `6 min to 8 min` of a range. */
export const formatTime = ({ least, most }: SaidTime): string =>
  least === most
    ? formatDuration(least)
    : t('to-6', { duration: formatDuration(least), duration2: formatDuration(most) });

const formatLasting = (
  step: { readonly time?: SaidTime | undefined; readonly until?: number | undefined },
  show: Show,
): string =>
  [
    ...(step.time ? [formatTime(step.time)] : []),
    ...(step.until === undefined
      ? []
      : [t('until-the-middle-is-at', { degrees: show.degrees(step.until) })]),
  ].join(' ');

const describeStep = (step: SaidStep, show: Show): string => {
  switch (step.do) {
    case 'turn':
      return t('turn-step');
    case 'rest':
      return t('rest-3', { time: formatTime(step.time), part: step.covered ? t('covered') : '' });
    case 'oven':
      return t('oven-3', {
        part: step.air === undefined ? '' : t('at', { degrees: show.degrees(step.air) }),
        lasting: formatLasting(step, show),
      });
    case 'pan':
      return `${step.basted ? t('baste-step') : t('pan-4')}${step.pan === undefined ? '' : t('at', { degrees: show.degrees(step.pan) })} ${formatLasting(step, show)}${
        step.every === undefined
          ? ''
          : t('turned-every-2', { duration: formatDuration(step.every) })
      }`;
  }
};

/** A step made longer or shorter: its time at both ends of its range, or the core that it ends at. */
const moved = (step: SaidStep, direction: 1 | -1): SaidStep => {
  if (step.do === 'turn') return step;
  const by = direction * MOVES[step.do];
  if (step.time) {
    const { least, most } = step.time;
    const time = { least: Math.max(LEAST, least + by), most: Math.max(LEAST, most + by) };
    return { ...step, time };
  }
  if (step.do === 'rest' || step.until === undefined) return step;
  return { ...step, until: step.until + direction * CORE_MOVES };
};

interface Props {
  readonly steps: readonly SaidStep[];
  readonly onChange: (steps: readonly SaidStep[]) => void;
}

/** The steps one under another: each made longer, shorter, or taken out; more added at the end. */
export const StepRows = ({ steps, onChange }: Props) => {
  const show = useShow();
  const replace = (at: number, by: readonly SaidStep[]): void =>
    onChange(steps.toSpliced(at, 1, ...by));
  return (
    <View className="gap-1">
      <View role="list" aria-label={t('steps')}>
        {steps.map((step, i) => {
          const said = describeStep(step, show);
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
                    says={t('shorter', { said })}
                    onPress={() => replace(i, [moved(step, -1)])}
                  />
                  <Small
                    label="+"
                    says={t('longer', { said })}
                    onPress={() => replace(i, [moved(step, 1)])}
                  />
                </>
              )}
              <Small label="×" says={t('take-out', { said })} onPress={() => replace(i, [])} />
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
