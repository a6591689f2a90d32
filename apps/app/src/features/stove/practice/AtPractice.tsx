import { useState } from 'react';
import { View } from 'react-native';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { Senses } from '@crustan/core/simulation/practiceKitchen';
import { showDuration } from '@crustan/core/units';
import type { PracticeDeed } from '../../../workers/live.worker';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import type { Lesson } from './lessons';
import { usePractice } from './usePractice';
import { Verdict } from './Verdict';

interface Props {
  readonly lesson: Lesson;
  readonly seed: number;
  readonly pan: PanOnBurner;
  /** Another kitchen, or back to the list. */
  readonly onAgain: (other: boolean) => void;
}

const SPEEDS = ['1', '5', '10', '30'] as const;
const BURNER = ['0', '25', '50', '75', '100'] as const;
/** A look with a thermometer takes this much of the cook's time in the figures shown, s. */
const READING_STANDS = 20;

const PLACE_WORDS: Readonly<Record<Senses['place'], string>> = {
  board: 'on the board',
  pan: 'in the pan',
  oven: 'in the oven',
  rest: 'resting',
};

/** The practice under way. */
export const AtPractice = ({ lesson, seed, pan, onAgain }: Props) => {
  const show = useShow();
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]>('10');
  const [burner, setBurner] = useState<(typeof BURNER)[number]>('0');
  const [reading, setReading] = useState<{ at: number; says: string }>();
  const { seen, judged, act, finish } = usePractice(lesson, seed, Number(speed), pan);
  if (judged) return <Verdict lesson={lesson} judged={judged} onAgain={onAgain} />;
  if (!seen) return <Text tone="text-salt-50">The kitchen is being set up…</Text>;
  const { senses, core, pan: iron } = seen;
  const read = (says: string): void => setReading({ at: senses.time, says });
  const { place } = senses;
  const inHeat = place === 'pan' || place === 'oven';
  return (
    <>
      <Text voice="strong" tone="text-salt-50" heading={1}>
        {lesson.title}
      </Text>
      <Text tone="text-salt-200">
        {`${lesson.task} It should end at ${show.temperature(lesson.request.target)}.`}
      </Text>
      <View className="flex-row items-baseline justify-between">
        <Text
          voice="longCountdown"
          tone="text-salt-50"
          style={{ fontVariant: ['tabular-nums'] }}
          testID="practice-clock"
        >
          {showDuration(Math.floor(senses.time))}
        </Text>
        <Text voice="bigFigure" tone="text-salt-50">
          {PLACE_WORDS[place]}
        </Text>
      </View>
      <View className="gap-1" role="list" aria-label="What you notice">
        {[
          ['You hear', senses.sound],
          ['You see', `${senses.colour} on the upper face`],
          ['Smoke', senses.smoke],
          ['To the finger', senses.firmness],
          ['Butter', senses.butter],
        ].map(([what, is]) => (
          <View key={what} role="listitem" className="flex-row gap-3">
            <Text tone="text-iron-400" className="w-[110px]">
              {what}
            </Text>
            <Text tone="text-salt-50" className="flex-1">
              {is}
            </Text>
          </View>
        ))}
      </View>
      {reading && senses.time - reading.at < READING_STANDS ? (
        <Text voice="bigFigure" tone="text-salt-50" aria-live="polite">
          {reading.says}
        </Text>
      ) : null}
      <View className="flex-1" />
      <Text voice="label" tone="text-salt-50">
        Burner, % of full
      </Text>
      <Choice
        label="Burner"
        onIron
        value={burner}
        onChange={(value) => {
          setBurner(value);
          act({ do: 'burner', setting: Number(value) / 100 });
        }}
        options={BURNER.map((value) => ({ value, label: value }))}
      />
      <Deeds place={place} act={act} />
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Button
            kind="stovePlain"
            label="Read the middle"
            onPress={() => read(`Middle ${show.temperature(core)}`)}
          />
        </View>
        <View className="flex-1">
          <Button
            kind="stovePlain"
            label="Read the pan"
            onPress={() => read(`Pan ${show.temperature(iron)}`)}
          />
        </View>
      </View>
      <Button
        kind="stove"
        label="Out: let it rest, and slice it"
        disabled={!inHeat}
        onPress={() => {
          act({ do: 'move', place: 'rest' });
          finish();
        }}
      />
      <Choice
        label="Speed of time"
        onIron
        value={speed}
        onChange={setSpeed}
        options={SPEEDS.map((value) => ({ value, label: `${value}×` }))}
      />
    </>
  );
};

interface DeedsProps {
  readonly place: Senses['place'];
  readonly act: (deed: PracticeDeed) => void;
}

const Deeds = ({ place, act }: DeedsProps) => (
  <View className="flex-row flex-wrap gap-3">
    {place === 'pan' ? (
      <>
        <View className="flex-1">
          <Button kind="stovePlain" label="Turn it" onPress={() => act({ do: 'turn' })} />
        </View>
        <View className="flex-1">
          <Button kind="stovePlain" label="Butter in" onPress={() => act({ do: 'butter' })} />
        </View>
      </>
    ) : (
      <View className="flex-1">
        <Button
          kind="stovePlain"
          label="Into the pan"
          onPress={() => act({ do: 'move', place: 'pan' })}
        />
      </View>
    )}
    {place === 'oven' ? null : (
      <View className="flex-1">
        <Button
          kind="stovePlain"
          label="Into the oven"
          onPress={() => act({ do: 'move', place: 'oven' })}
        />
      </View>
    )}
  </View>
);
