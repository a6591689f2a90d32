import { translateName } from '@crustan/messages';
import { View, useWindowDimensions } from 'react-native';
import { crustColour, donenessOf } from '@crustan/core/doneness';
import { lossOf } from '@crustan/core/heat/drip';
import type { CoreEnd, JudgedTimes } from '@crustan/core/plan';
import { cutOf } from '@crustan/core/plan/request';
import type { SaidStep } from '@crustan/core/plan/saidStep';
import { formatDuration } from '@crustan/core/units';
import { Slice } from '../../../ui/Slice';
import { Text } from '../../../ui/Text';
import { describeCrust } from '../../../words/judgedWords';
import type { Show } from '../../../words/show';
import { sliceOf } from '../../../words/sliceOf';
import { useShow } from '../../../words/useShow';
import { t } from '../t';

/** An end this near what was wanted is right, K. */
const RIGHT = 1.5;
/** A change of time is said to this, s. */
const SAID_TO = 5;

const describeEnd = ({ plan, off }: JudgedTimes, show: Show): string => {
  const { species } = cutOf(plan.request);
  const end = t('it-ends-at', {
    name: translateName(donenessOf(species, plan.peakCore).name),
    degrees: show.degrees(plan.peakCore),
  });
  if (Math.abs(off) <= RIGHT) return t('as-wanted', { end });
  return t('what-was-wanted', {
    end,
    difference: show.difference(Math.abs(off)),
    part: off > 0 ? t('over-2') : t('under'),
  });
};

const describeMend = ({ plan, mend, off }: JudgedTimes): string | undefined => {
  if (Math.abs(off) <= RIGHT) return undefined;
  if (mend === undefined) return t('no-change-of-these-times-reaches-the');
  const seconds = Math.round(mend.seconds / SAID_TO) * SAID_TO;
  const oven = mend.legs.some((leg) => plan.legs[leg]?.kind === 'oven');
  return t('in-the-would-bring-it-there', {
    duration: formatDuration(Math.abs(seconds)),
    part: seconds > 0 ? t('more') : t('less'),
    part2: oven ? t('oven-5') : t('pan-4'),
  });
};

const formatThickness = ({ thickness }: JudgedTimes, show: Show): string =>
  thickness === undefined
    ? t('these-times-are-right-for-no-thickness')
    : t('these-times-are-right-for-a-piece', {
        thickness: show.thickness(thickness.right),
        thickness2: show.thickness(thickness.least),
        thickness3: show.thickness(thickness.most),
      });

/** Sliced this far under its peak, a piece was cut too soon or too late, K. */
const UNDER_PEAK = 1;

/** Effect of the rest that the cook asked for; undefined if the piece is sliced near its peak. */
const describeRestOf = ({ plan }: JudgedTimes, show: Show): string | undefined => {
  const { sliceCore, peakCore, peakAfter, restSeconds } = plan;
  if (peakCore - sliceCore < UNDER_PEAK) return undefined;
  const early = restSeconds < peakAfter;
  return t('rested-it-is-sliced-at-its-peak', {
    duration: formatDuration(restSeconds),
    degrees: show.degrees(sliceCore),
    part: early ? t('before') : t('after-2'),
    duration2: formatDuration(Math.round(Math.max(0, peakAfter) / 15) * 15),
  });
};

interface Props {
  readonly judged: JudgedTimes;
  readonly said: readonly SaidStep[];
}

/** Says the end temperatures with the shortest and with the longest times. */
const formatRanges = ({ ranges }: JudgedTimes, show: Show): string | undefined => {
  if (!ranges) return undefined;
  const [least, most] = [show.degrees(ranges.least), show.degrees(ranges.most)];
  if (least === most) return t('with-the-shorter-and-with-the-longer', { least });
  return t('with-the-shorter-of-your-times-it', { least, most });
};

/** A time that is computed is said to this, s. */
const END_TO = 15;
const toEnd = (seconds: number): string =>
  formatDuration(Math.max(END_TO, Math.round(seconds / END_TO) * END_TO));

/** Duration of a step that ends by the core, and its uncertainty. */
const describeCoreEnd = (
  { seconds, rate, step }: CoreEnd,
  { spread }: JudgedTimes,
  said: readonly SaidStep[],
  show: Show,
): string => {
  const one = said[step];
  const until = one && 'until' in one ? (one.until ?? 0) : 0;
  const what = t('until-the-middle-is-at-2', { degrees: show.degrees(until) });
  if (seconds === undefined) return t('the-core-does-not-reach-it-add', { what });
  const off = spread / Math.max(1e-4, rate);
  return t('for-this-piece-from-to-take-its', {
    what,
    toEnd: toEnd(seconds),
    toEnd2: toEnd(seconds - off),
    toEnd3: toEnd(seconds + off),
  });
};

/** Result of a cook's own times, and corrections for it. */
export const Verdict = ({ judged, said }: Props) => {
  const show = useShow();
  const { width } = useWindowDimensions();
  const { plan, slices, spread } = judged;
  const end = describeEnd(judged, show);
  const mend = describeMend(judged);
  const ranges = formatRanges(judged, show);
  const rest = describeRestOf(judged, show);
  const [palest, darkest] = [Math.min(...plan.browning), Math.max(...plan.browning)];
  const loss = lossOf(plan).central;
  return (
    <View className="gap-2" aria-live="polite">
      <View className="items-center">
        <Slice
          figures={sliceOf(plan, slices)}
          maxWidth={Math.min(width - 32, 420)}
          maxHeight={140}
          says={t('the-slice-by-these-times', { end })}
        />
      </View>
      <Text voice="strong">{end}</Text>
      {ranges === undefined ? null : <Text>{ranges}</Text>}
      {judged.ends.map((one) => (
        <Text key={one.step}>{describeCoreEnd(one, judged, said, show)}</Text>
      ))}
      {mend === undefined ? null : <Text>{mend}</Text>}
      {rest === undefined ? null : <Text>{rest}</Text>}
      <Text>{formatThickness(judged, show)}</Text>
      <Text>{t('by-the-clock-the-end-may-be', { difference: show.difference(spread) })}</Text>
      <Text voice="small" tone="text-iron-500">
        {t('crust-and-of-grey-band-loses-about', {
          crust: describeCrust(palest, plan.request),
          crust2: describeCrust(darkest, plan.request),
          depth: show.depth(plan.greyBand),
          value: Math.round(100 * loss),
        })}
      </Text>
      {crustColour(darkest, plan.request) === 'burnt' ? (
        <Text role="alert">{t('a-face-burns-less-hot-or-turned')}</Text>
      ) : null}
    </View>
  );
};
