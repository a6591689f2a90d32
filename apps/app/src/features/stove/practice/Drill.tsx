import { translateName } from '@crustan/messages';
import { useEffect, useState } from 'react';
import { View, useWindowDimensions } from 'react-native';
import { cutOf } from '@crustan/core/plan/request';
import {
  callBias,
  RIGHT_WITHIN,
  type DrillCall,
  type DrillKind,
} from '@crustan/core/simulation/callBias';
import type { DrillCard } from '@crustan/core/simulation/drillCard';
import { describeFailure } from '../../../store/bookApi';
import { newId } from '../../../store/newId';
import { useKeepPracticeMutation } from '../../../store/practiceApi';
import { useScales } from '../../../store/useScales';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import type { Show } from '../../../words/show';
import { useShow } from '../../../words/useShow';
import { liveWorker } from '../../../workers/liveWorker';
import { drillName } from '../../../store/latestCalls';
import { DrillCardShown } from './DrillCardShown';
import { DRILL_WORDS, describeBias } from './drillWords';
import { t } from '../t';

interface Props {
  readonly kind: DrillKind;
  readonly onDone: () => void;
}

/** Cards of a round. */
const ROUND = 8;
/** Pan temperatures that can be chosen, C. */
const PAN_CALLS = [120, 150, 180, 210, 240, 270] as const;

interface Answer {
  readonly celsius: number;
  readonly says: string;
}

/** One round of a drill: the user answers each card, then sees the truth; the end shows the direction of the errors. */
export const Drill = ({ kind, onDone }: Props) => {
  const show = useShow();
  const { scaleOf, donenessOf } = useScales();
  const { width } = useWindowDimensions();
  const [keep, kept] = useKeepPracticeMutation();
  const [first] = useState(() => Date.now() % 1_000_000);
  const [round, setRound] = useState(0);
  const [card, setCard] = useState<DrillCard>();
  const [calls, setCalls] = useState<readonly DrillCall[]>([]);
  const [called, setCalled] = useState<Answer>();
  const nth = calls.length - (called ? 1 : 0);
  const over = calls.length === ROUND && !called;
  useEffect(() => {
    let live = true;
    if (nth < ROUND) {
      void liveWorker()
        .card(kind, first + ROUND * round + nth)
        .then((drawn) => live && setCard(drawn));
    }
    return () => {
      live = false;
    };
  }, [kind, first, round, nth]);
  useEffect(() => {
    if (!over) return;
    const right = callBias(kind, calls)?.right ?? 0;
    const score = Math.round(100 * right);
    void keep({ id: newId(), at: Date.now(), of: drillName(kind), score, calls: [...calls] });
  }, [over, calls, kind, keep]);
  const namesOf = (of: DrillCard) => (celsius: number) =>
    of.kind === 'pan' ? '' : translateName(donenessOf(cutOf(of.request).species, celsius).name);
  const found = callBias(kind, calls);
  const { title, asks } = DRILL_WORDS[kind];
  if (over && found) {
    return (
      <>
        <Text voice="strong" tone="text-salt-50" heading={1}>
          {title}
        </Text>
        <Text voice="action" tone="text-salt-50" testID="drill-verdict">
          {describeBias(kind, found, show)}
        </Text>
        <Text tone="text-iron-400">
          {kept.error
            ? t('not-saved', { failure: describeFailure(kept.error) })
            : t('saved-in-the-logbook-the-list-shows')}
        </Text>
        <View className="flex-1" />
        <Button
          kind="stove"
          label={t('another-round')}
          onPress={() => {
            setRound(round + 1);
            setCard(undefined);
            setCalls([]);
          }}
        />
        <Button kind="stovePlain" label={t('back-to-the-course')} onPress={onDone} />
      </>
    );
  }
  const answers: readonly Answer[] =
    card === undefined
      ? []
      : card.kind === 'pan'
        ? PAN_CALLS.map((celsius) => ({ celsius, says: show.degrees(celsius) }))
        : scaleOf(cutOf(card.request).species).map(({ name, target }) => ({
            celsius: target,
            says: `${name}, ${show.degrees(target)}`,
          }));
  return (
    <>
      <View className="flex-row items-baseline justify-between">
        <Text voice="strong" tone="text-salt-50" heading={1}>
          {title}
        </Text>
        <Text tone="text-iron-400">
          {t('of', { round: Math.min(ROUND, nth + 1), round2: ROUND })}
        </Text>
      </View>
      <View className="flex-1 justify-center gap-4">
        {card ? (
          <DrillCardShown card={card} width={Math.min(width - 32, 480)} />
        ) : (
          <Text tone="text-salt-50">{t('the-next-one-is-being-drawn')}</Text>
        )}
        <Text voice="bigFigure" tone="text-salt-50" aria-live="polite" testID="drill-asks">
          {called && card ? describeTruth(card, called, show, namesOf(card)) : asks}
        </Text>
      </View>
      {called ? (
        <Button
          kind="stove"
          label={calls.length === ROUND ? t('how-you-call') : t('next')}
          onPress={() => {
            setCalled(undefined);
            setCard(undefined);
          }}
        />
      ) : (
        <View className="flex-row flex-wrap gap-2" role="group" aria-label={t('your-call')}>
          {answers.map((answer) => (
            <View key={answer.says} className="min-w-[46%] flex-1">
              <Button
                kind="stovePlain"
                label={answer.says}
                onPress={() => {
                  if (!card) return;
                  setCalled(answer);
                  setCalls([...calls, { called: answer.celsius, was: card.was }]);
                }}
              />
            </View>
          ))}
        </View>
      )}
      <Button kind="stovePlain" label={t('leave-the-drill')} onPress={onDone} />
    </>
  );
};

/**
 * True value and the error of the answer.
 * @param names a doneness in words
 */
const describeTruth = (
  card: DrillCard,
  { celsius }: Answer,
  show: Show,
  names: (celsius: number) => string,
): string => {
  const off = celsius - card.was;
  const was =
    card.kind === 'pan'
      ? t('it-is-at', { temperature: show.temperature(card.was) })
      : t('it-reached', { temperature: show.temperature(card.was), names: names(card.was) });
  if (Math.abs(off) <= RIGHT_WITHIN[card.kind]) return t('right', { was });
  return t('you-called-it-too', {
    was,
    difference: show.difference(Math.abs(off)),
    part: off > 0 ? t('hot') : t('cool'),
  });
};
