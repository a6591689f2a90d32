import { translateName } from '@crustan/messages';
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
import { t } from '../t';

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
      return t('too-hot-pull-about-earlier', {
        difference: show.difference(loss.by),
        duration: showDuration(loss.seconds),
      });
    case 'under':
      return t('too-cool-pull-about-later', {
        difference: show.difference(loss.by),
        duration: showDuration(loss.seconds),
      });
    case 'pale':
      if (loss.panAtIn === undefined) return t('a-face-stayed-pale-it-never-met');
      return loss.panAtIn < wanted - NEAR
        ? t('a-face-stayed-pale-the-pan-was', { degrees: show.degrees(loss.panAtIn) })
        : t('a-face-stayed-pale-it-lay-on');
    case 'dark':
      return t('a-face-went-dark-and-bitter-less');
    case 'uneven':
      return t('one-face-is-browner-than-the-other');
    case 'grey':
      return t('the-grey-band-is-deeper-than-it', { depth: show.depth(loss.by) });
    case 'butter':
      return t('the-butter-went-too-far-burner-down');
    case 'apart':
      return t('they-came-out-apart-the-first-was', {
        duration: showDuration(Math.round(loss.seconds)),
      });
  }
};

const describeBest = ({ plan, pan }: BestCook, show: Show): string => {
  const turns = t('turns', { count: plan.turns.length });
  const end = t('under-of-grey-band', {
    degrees: show.degrees(plan.peakCore),
    depth: show.depth(plan.greyBand),
  });
  return t('a-cook-who-knew-this-kitchen-would', {
    degrees: show.degrees(plan.doneCore),
    duration: showDuration(plan.cookSeconds),
    turns,
    degrees2: show.degrees(pan),
    end,
  });
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
  const end = t('at-3', {
    name: translateName(donenessOf(species, result.peak).name),
    temperature: show.temperature(result.peak, 1),
  });
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
          says={t('your-slice', { end })}
        />
      </View>
      <Text voice="bigFigure" tone="text-salt-50">
        {t('it-ended-wanted-crust-and', {
          end,
          degrees: show.degrees(request.target),
          crust: describeCrust(Math.min(...result.browning), request),
          crust2: describeCrust(Math.max(...result.browning), request),
        })}
      </Text>
      <Losses losses={score.lost} wanted={request.pan} />
      <Text tone="text-salt-200">
        {best ? describeBest(best, show) : t('no-pan-heat-would-have-given-what')}
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
    <View className="gap-2" role="list" aria-label={t('where-points-went')}>
      {losses.length === 0 ? (
        <Text tone="text-salt-50">{t('nothing-to-mend')}</Text>
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
        <Text tone="text-iron-400">{t('of-100')}</Text>
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
          {t('not-saved', { failure: describeFailure(kept.error) })}
        </Text>
      ) : null}
      <View className="flex-1" />
      <Button kind="stove" label={t('again-in-another-kitchen')} onPress={() => onAgain(true)} />
      <Button kind="stovePlain" label={t('back-to-the-course')} onPress={() => onAgain(false)} />
    </>
  );
};
