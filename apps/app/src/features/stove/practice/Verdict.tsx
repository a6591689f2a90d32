import { useEffect, useState } from 'react';
import { View, useWindowDimensions } from 'react-native';
import { donenessOf } from '@crustan/core/doneness';
import { cutOf } from '@crustan/core/plan/request';
import type { BestCook, PracticeLoss } from '@crustan/core/simulation/practiceScore';
import { showDuration } from '@crustan/core/units';
import { Button } from '../../../ui/Button';
import { Slice } from '../../../ui/Slice';
import { Text } from '../../../ui/Text';
import type { Show } from '../../../words/show';
import { sliceOf } from '../../../words/sliceOf';
import { useShow } from '../../../words/useShow';
import { describeFailure } from '../../../store/bookApi';
import { newId } from '../../../store/newId';
import { useKeepPracticeMutation } from '../../../store/practiceApi';
import { WIDE } from '../../../ui/wide';
import type { JudgedPractice } from '../../../workers/live.worker';
import type { Lesson, LessonPiece } from './lessons';
import { describeCrust } from '../../../words/judgedWords';

interface Props {
  readonly lesson: Lesson;
  readonly judged: JudgedPractice;
  readonly onAgain: (other: boolean) => void;
}

/** Distance of a pan from the wanted temperature that does not explain a fault, K. */
const NEAR = 25;

const describePracticeLoss = (loss: PracticeLoss, wanted: number, show: Show): string => {
  switch (loss.on) {
    case 'over':
      return `${show.difference(loss.by)} too hot: pull about ${showDuration(loss.seconds)} earlier.`;
    case 'under':
      return `${show.difference(loss.by)} too cool: pull about ${showDuration(loss.seconds)} later.`;
    case 'pale':
      if (loss.panAtIn === undefined) return 'A face stayed pale: it never met the pan.';
      return loss.panAtIn < wanted - NEAR
        ? `A face stayed pale: the pan was at ${show.degrees(loss.panAtIn)} when it went in.`
        : 'A face stayed pale: it lay on the iron too short a time, or was never turned.';
    case 'dark':
      return 'A face went dark and bitter: less heat, or sooner turned.';
    case 'uneven':
      return 'One face is browner than the other: turn it half-way, or more often.';
    case 'grey':
      return `The grey band is ${show.depth(loss.by)} deeper than it need be: turn more often, or less heat for longer.`;
    case 'butter':
      return 'The butter went too far: burner down before it goes in.';
    case 'apart':
      return `They came out ${showDuration(Math.round(loss.seconds))} apart: the first was cold before the other was there.`;
  }
};

const describeBest = ({ plan, pan }: BestCook, show: Show): string => {
  const turns = `${plan.turns.length} ${plan.turns.length === 1 ? 'turn' : 'turns'}`;
  const end = `${show.degrees(plan.peakCore)} under ${show.depth(plan.greyBand)} of grey band`;
  return `A cook who knew this kitchen would have pulled it at ${show.degrees(plan.doneCore)} after ${showDuration(plan.cookSeconds)}, ${turns}, with a pan at ${show.degrees(pan)}; it would have ended at ${end}.`;
};

interface PieceProps {
  readonly piece: LessonPiece;
  readonly judged: JudgedPractice['pieces'][number];
  /** Several share the page: each is named. */
  readonly named: boolean;
}

/** Result of one piece, and the best possible one in this kitchen. */
const PieceVerdict = ({ piece: { name, request }, judged, named }: PieceProps) => {
  const show = useShow();
  const { width } = useWindowDimensions();
  const { result, score, peaks, heights } = judged;
  const { species } = cutOf(request);
  const cells = { heights: Array.from(heights), widths: [1], whole: true };
  const frame = { time: 0, peak: Float32Array.from(peaks), browning: result.browning };
  const figures = sliceOf(
    { request, browning: result.browning, crust: [0.001, 0.001] },
    { cells, frames: [frame] },
  );
  const end = `${donenessOf(species, result.peak).name} at ${show.temperature(result.peak, 1)}`;
  const { best } = score;
  return (
    <View className="flex-1 gap-4">
      {named ? (
        <Text voice="head" tone="text-salt-50" heading={2}>
          {name}
        </Text>
      ) : null}
      <View className="items-center">
        <Slice
          figures={figures}
          maxWidth={Math.min(width - 32, 420)}
          maxHeight={150}
          says={`Your slice: ${end}`}
        />
      </View>
      <Text voice="bigFigure" tone="text-salt-50">
        {`It ended ${end}; wanted ${show.degrees(request.target)}. Crust ${describeCrust(Math.min(...result.browning), request)} and ${describeCrust(Math.max(...result.browning), request)}.`}
      </Text>
      <Losses losses={score.lost} wanted={request.pan} />
      <Text tone="text-salt-200">
        {best
          ? describeBest(best, show)
          : 'No pan heat would have given what was wanted in this kitchen.'}
      </Text>
    </View>
  );
};

const Losses = ({
  losses,
  wanted,
}: {
  readonly losses: readonly PracticeLoss[];
  readonly wanted: number;
}) => {
  const show = useShow();
  return (
    <View className="gap-2" role="list" aria-label="Where points went">
      {losses.length === 0 ? (
        <Text tone="text-salt-50">Nothing to mend.</Text>
      ) : (
        losses.map((loss) => (
          <View key={loss.on} role="listitem" className="flex-row gap-3">
            <Text voice="figure" tone="text-salt-50" className="w-[2.75rem]">
              {`−${Math.round(loss.points)}`}
            </Text>
            <Text tone="text-salt-50" className="flex-1">
              {describePracticeLoss(loss, wanted, show)}
            </Text>
          </View>
        ))
      )}
    </View>
  );
};

/** The slices, the score, and what the best cook of this kitchen would have done; kept with the logbook. */
export const Verdict = ({ lesson, judged, onAgain }: Props) => {
  const { width } = useWindowDimensions();
  const [keep, kept] = useKeepPracticeMutation();
  const [result] = useState(() => ({
    id: newId(),
    at: Date.now(),
    of: lesson.id,
    score: judged.score,
  }));
  useEffect(() => void keep(result), [keep, result]);
  const { pieces } = lesson;
  const many = pieces.length > 1;
  return (
    <>
      <Text voice="strong" tone="text-salt-50" heading={1}>
        {lesson.title}
      </Text>
      <View className="flex-row items-baseline gap-3">
        <Text voice="longCountdown" tone="text-salt-50" testID="score">
          {String(judged.score)}
        </Text>
        <Text tone="text-iron-400">of 100</Text>
      </View>
      {judged.apart ? <Losses losses={[judged.apart]} wanted={pieces[0].request.pan} /> : null}
      <View className={many && width >= WIDE ? 'flex-row gap-12' : 'gap-6'}>
        {judged.pieces.map((one, i) => {
          const piece = pieces[i];
          return piece ? (
            <PieceVerdict key={piece.name} piece={piece} judged={one} named={many} />
          ) : null;
        })}
      </View>
      {kept.error ? (
        <Text voice="small" tone="text-salt-200" role="alert">
          {`Not saved. ${describeFailure(kept.error)}`}
        </Text>
      ) : null}
      <View className="flex-1" />
      <Button kind="stove" label="Again, in another kitchen" onPress={() => onAgain(true)} />
      <Button kind="stovePlain" label="Back to the course" onPress={() => onAgain(false)} />
    </>
  );
};
