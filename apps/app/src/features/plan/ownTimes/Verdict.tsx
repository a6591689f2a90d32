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

/** An end this near what was wanted is right, K. */
const RIGHT = 1.5;
/** A change of time is said to this, s. */
const SAID_TO = 5;

const describeEnd = ({ plan, off }: JudgedTimes, show: Show): string => {
  const { species } = cutOf(plan.request);
  const end = `It ends ${donenessOf(species, plan.peakCore).name} at ${show.degrees(plan.peakCore)}`;
  if (Math.abs(off) <= RIGHT) return `${end}: as wanted.`;
  return `${end}, ${show.difference(Math.abs(off))} ${off > 0 ? 'over' : 'under'} what was wanted.`;
};

const describeMend = ({ plan, mend, off }: JudgedTimes): string | undefined => {
  if (Math.abs(off) <= RIGHT) return undefined;
  if (mend === undefined) return 'No change of these times reaches the target.';
  const seconds = Math.round(mend.seconds / SAID_TO) * SAID_TO;
  const oven = mend.legs.some((leg) => plan.legs[leg]?.kind === 'oven');
  return `${formatDuration(Math.abs(seconds))} ${seconds > 0 ? 'more' : 'less'} in the ${oven ? 'oven' : 'pan'} would bring it there.`;
};

const formatThickness = ({ thickness }: JudgedTimes, show: Show): string =>
  thickness === undefined
    ? 'These times are right for no thickness of this piece.'
    : `These times are right for a piece of ${show.thickness(thickness.right)} (${show.thickness(thickness.least)} to ${show.thickness(thickness.most)}).`;

/** Sliced this far under its peak, a piece was cut too soon or too late, K. */
const UNDER_PEAK = 1;

/** Effect of the rest that the cook asked for; undefined if the piece is sliced near its peak. */
const describeRestOf = ({ plan }: JudgedTimes, show: Show): string | undefined => {
  const { sliceCore, peakCore, peakAfter, restSeconds } = plan;
  if (peakCore - sliceCore < UNDER_PEAK) return undefined;
  const early = restSeconds < peakAfter;
  return `Rested ${formatDuration(restSeconds)} it is sliced at ${show.degrees(sliceCore)}, ${early ? 'before' : 'after'} its peak at ${formatDuration(Math.round(Math.max(0, peakAfter) / 15) * 15)}.`;
};

interface Props {
  readonly judged: JudgedTimes;
  readonly said: readonly SaidStep[];
}

/** Says the end temperatures with the shortest and with the longest times. */
const formatRanges = ({ ranges }: JudgedTimes, show: Show): string | undefined => {
  if (!ranges) return undefined;
  const [least, most] = [show.degrees(ranges.least), show.degrees(ranges.most)];
  if (least === most)
    return `With the shorter and with the longer of your times it ends at ${least}.`;
  return `With the shorter of your times it ends at ${least}, with the longer at ${most}.`;
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
  const what = `Until the middle is at ${show.degrees(until)}`;
  if (seconds === undefined) return `${what}: the core does not reach it. Add a step.`;
  const off = spread / Math.max(1e-4, rate);
  return `${what}: ${toEnd(seconds)} for this piece, from ${toEnd(seconds - off)} to ${toEnd(seconds + off)}. Take its temperature.`;
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
  const loss = lossOf(plan.evaporated, plan.drip).central;
  return (
    <View className="gap-2" aria-live="polite">
      <View className="items-center">
        <Slice
          figures={sliceOf(plan, slices)}
          maxWidth={Math.min(width - 32, 420)}
          maxHeight={140}
          says={`The slice by these times. ${end}`}
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
      <Text>{`By the clock, the end may be ${show.difference(spread)} off in both directions: measure the core.`}</Text>
      <Text voice="small" tone="text-iron-500">
        {`Crust ${describeCrust(palest, plan.request)} and ${describeCrust(darkest, plan.request)}, ${show.depth(plan.greyBand)} of grey band, loses about ${Math.round(100 * loss)}\u00a0%.`}
      </Text>
      {crustColour(darkest, plan.request) === 'burnt' ? (
        <Text role="alert">A face burns: less hot, or turned more often.</Text>
      ) : null}
    </View>
  );
};
