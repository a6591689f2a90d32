import { useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import type { Senses } from '@crustan/core/simulation/practiceKitchen';
import { showDuration } from '@crustan/core/units';
import { useAppSelector } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { wakeSound } from '../../../ui/sound';
import { SoundMeter } from '../../../ui/SoundMeter';
import { Text } from '../../../ui/Text';
import { useSizzle } from '../../../ui/useSizzle';
import { WIDE } from '../../../ui/wide';
import { useShow } from '../../../words/useShow';
import type { PracticeDeed } from '../../../workers/live.worker';
import { Deeds } from './Deeds';
import { KitchenKnobs } from './KitchenKnobs';
import type { Lesson } from './lessons';
import { Noticed } from './Noticed';
import { Reading } from './Reading';
import { usePractice } from './usePractice';
import { Verdict } from './Verdict';
import { t } from '../t';

interface Props {
  readonly lesson: Lesson;
  readonly seed: number;
  readonly pan: PanOnBurner;
  /** Another kitchen, or back to the list. */
  readonly onAgain: (other: boolean) => void;
}

const SPEEDS = ['1', '5', '10', '30'] as const;

const PLACE_WORDS: Readonly<Record<Senses['place'], string>> = {
  board: t('on-the-board'),
  pan: t('in-the-pan'),
  oven: t('in-the-oven'),
  rest: t('resting'),
};

/** The practice under way. */
export const AtPractice = ({ lesson, seed, pan, onAgain }: Props) => {
  const show = useShow();
  const { width } = useWindowDimensions();
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]>('10');
  const [piece, setPiece] = useState(0);
  const [listens, setListens] = useState(false);
  const quiet = useAppSelector((state) => !state.attention.sound);
  const { seen, judged, act, finish } = usePractice(lesson, seed, Number(speed), pan);
  const loudest = Math.max(0, ...seen.map(({ senses }) => senses.loudness));
  const level = judged ? 0 : loudest;
  const heard = useSizzle(listens && !quiet, level);
  if (judged) {
    return (
      <ScrollView className="min-h-0 flex-1" contentContainerClassName="flex-grow gap-5">
        <Verdict lesson={lesson} judged={judged} onAgain={onAgain} />
      </ScrollView>
    );
  }
  const now = seen[piece];
  if (!now) return <Text tone="text-salt-50">{t('the-kitchen-is-being-set-up')}</Text>;
  const { senses, reads } = now;
  const { place } = senses;
  const { pieces, oven = false, ice = false } = lesson;
  const { name, request } = pieces[piece] ?? pieces[0];
  const inHeat = place === 'pan' || place === 'oven';
  const out = (): void => {
    act(piece, { do: 'move', place: 'rest' });
    const left = seen.findIndex((other, i) => i !== piece && other.senses.place !== 'rest');
    if (left === -1) finish();
    else setPiece(left);
  };
  const tell = (deed: PracticeDeed): void => act(piece, deed);
  const wide = width >= WIDE;
  const noticed = (
    <>
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
      <Noticed senses={senses} />
      {quiet ? null : (
        <View className="flex-row items-center gap-3">
          <Button
            kind="stovePlain"
            label={listens ? t('stop-the-sound') : t('hear-the-pan')}
            onPress={() => {
              wakeSound();
              setListens(!listens);
            }}
          />
          <View className="flex-1">
            <SoundMeter says={t('how-loud-the-pan-is')} level={level} heard={heard} />
          </View>
        </View>
      )}
    </>
  );
  const knobs = (
    <>
      <KitchenKnobs key={piece} oven={oven} piece={pieces[piece] ?? pieces[0]} act={tell} />
      <Reading key={t('reading-2', { name })} time={senses.time} reads={reads} ice={ice} />
      <Choice
        label={t('speed-of-time')}
        onIron
        value={speed}
        onChange={setSpeed}
        options={SPEEDS.map((value) => ({ value, label: `${value}×` }))}
      />
    </>
  );
  return (
    <>
      <ScrollView
        className="min-h-0 flex-1"
        contentContainerClassName="flex-grow gap-4 pb-2"
        tabIndex={0}
      >
        <Text voice="strong" tone="text-salt-50" heading={1}>
          {lesson.title}
        </Text>
        <Text tone="text-salt-200">
          {t('it-should-end-at', {
            task: lesson.task,
            temperature: show.temperature(request.target),
          })}
        </Text>
        {pieces.length > 1 ? (
          <Choice
            label={t('piece')}
            onIron
            value={String(piece)}
            onChange={(value) => setPiece(Number(value))}
            options={pieces.map((one, i) => ({
              value: String(i),
              label: one.name,
              detail: PLACE_WORDS[seen[i]?.senses.place ?? 'board'],
            }))}
          />
        ) : null}
        <View className={wide ? 'flex-row items-start gap-12' : 'gap-4'}>
          <View className="gap-4 lg:flex-1">{noticed}</View>
          <View className="gap-4 lg:flex-1">{knobs}</View>
        </View>
      </ScrollView>
      {/* What is done never leaves the thumb. */}
      <View className="gap-2 border-t border-iron-700 pt-3">
        <Deeds place={place} oven={oven} act={tell} />
        <Button
          kind="stove"
          label={t('out-let-it-rest-and-slice-it')}
          disabled={!inHeat}
          onPress={out}
        />
      </View>
    </>
  );
};
