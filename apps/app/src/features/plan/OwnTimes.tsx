import { memo, useMemo, useState } from 'react';
import { TextInput, View, useWindowDimensions } from 'react-native';
import { crustColour, donenessOf } from '@crustan/core/doneness';
import { lossOf } from '@crustan/core/heat/drip';
import type { JudgedTimes } from '@crustan/core/plan';
import { readOwnSteps } from '@crustan/core/plan/ownSteps';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import { sayDuration } from '@crustan/core/units';
import { Slice } from '../../ui/Slice';
import { Text } from '../../ui/Text';
import { sayCrust } from '../../words/judgedWords';
import type { Show } from '../../words/show';
import { sliceOf } from '../../words/sliceOf';
import { useShow } from '../../words/useShow';
import { useOwnTimes } from './useOwnTimes';

/** An end this near what was wanted is right, K. */
const RIGHT = 1.5;
/** A change of time is said to this, s. */
const SAID_TO = 5;

const sayEnd = ({ plan, off }: JudgedTimes, show: Show): string => {
  const { species } = cutOf(plan.request);
  const end = `It ends ${donenessOf(species, plan.peakCore).name} at ${show.degrees(plan.peakCore)}`;
  if (Math.abs(off) <= RIGHT) return `${end}: as wanted.`;
  return `${end}, ${show.difference(Math.abs(off))} ${off > 0 ? 'over' : 'under'} what was wanted.`;
};

const sayMend = ({ plan, mend, off }: JudgedTimes): string | undefined => {
  if (Math.abs(off) <= RIGHT) return undefined;
  if (mend === undefined) return 'No change of these times alone brings it there.';
  const seconds = Math.round(mend.seconds / SAID_TO) * SAID_TO;
  const oven = mend.legs.some((leg) => plan.legs[leg]?.kind === 'oven');
  return `${sayDuration(Math.abs(seconds))} ${seconds > 0 ? 'more' : 'less'} in the ${oven ? 'oven' : 'pan'} would bring it there.`;
};

const sayThickness = ({ thickness }: JudgedTimes, show: Show): string =>
  thickness === undefined
    ? 'These times are right for no thickness of this piece.'
    : `These times are right for a piece of ${show.thickness(thickness.right)} (${show.thickness(thickness.least)} to ${show.thickness(thickness.most)}).`;

const Verdict = ({ judged }: { readonly judged: JudgedTimes }) => {
  const show = useShow();
  const { width } = useWindowDimensions();
  const { plan, slices } = judged;
  const end = sayEnd(judged, show);
  const mend = sayMend(judged);
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
      {mend === undefined ? null : <Text>{mend}</Text>}
      <Text>{sayThickness(judged, show)}</Text>
      <Text voice="small" tone="text-iron-500">
        {`Crust ${sayCrust(palest, plan.request)} and ${sayCrust(darkest, plan.request)}, ${show.depth(plan.greyBand)} of grey band, loses about ${Math.round(100 * loss)} %.`}
      </Text>
      {crustColour(darkest, plan.request) === 'burnt' ? (
        <Text role="alert">A face burns: less hot, or turned more often.</Text>
      ) : null}
    </View>
  );
};

/** A recipe's or a habit's times in a line: what they would make of this piece, and what would mend them. */
export const OwnTimes = memo(function OwnTimes({ request }: { readonly request: PlanRequest }) {
  const [line, setLine] = useState('');
  const fahrenheit = useShow().units === 'imperial';
  const { steps, unread } = useMemo(
    () => readOwnSteps(line, fahrenheit ? 'f' : 'c'),
    [line, fahrenheit],
  );
  const judged = useOwnTimes(request, steps);
  const inHeat = steps.some((step) => step.do === 'pan' || step.do === 'oven');
  return (
    <View className="gap-3">
      <Text voice="small" tone="text-iron-500">
        {`Steps one after another, such as “3 min, turn, 1 min, oven ${fahrenheit ? 425 : 220} 8 min, rest 5”. A bare number is minutes; a heat is ${fahrenheit ? '°F, or °C where C' : '°C, or °F where F'} is written.`}
      </Text>
      <TextInput
        aria-label="Your steps"
        multiline
        numberOfLines={2}
        maxLength={1000}
        value={line}
        onChangeText={setLine}
        aria-invalid={unread.length > 0}
        className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 py-2 font-text text-16 text-iron-950"
      />
      {unread.map(({ text, why }) => (
        <Text key={text} voice="note" role="alert">
          {`“${text}” was not understood: ${why}.`}
        </Text>
      ))}
      {judged ? (
        <Verdict judged={judged} />
      ) : inHeat ? (
        <Text aria-live="polite">Cooking it by these times…</Text>
      ) : null}
    </View>
  );
});
