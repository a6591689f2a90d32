import { memo, useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { footprint } from '@crustan/core/food';
import type { Loading } from '@crustan/core/gear';
import { crowding } from '@crustan/core/gear/crowding';
import { preheat, preheatCurve } from '@crustan/core/gear/preheat';
import { readinessSigns, type ReadinessSign } from '@crustan/core/gear/readiness';
import { fatOf } from '@crustan/core/gear/fats';
import type { PanOnBurner } from '@crustan/core/gear/pan';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import { formatDuration } from '@crustan/core/units';
import { panInUse } from '../../store/kitchenSlice';
import { useAppSelector } from '../../store/store';
import { Chart } from '../../ui/Drawn';
import { Text } from '../../ui/Text';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { plannerWorker } from '../../workers/planner';
import { INK } from '../../ui/ink';

const SIGN_WORDS: Readonly<
  Record<ReadinessSign['sign'], (low: string, high: string, fat: string) => string>
> = {
  'drop-sizzles': (low, high) =>
    `A drop of water lies flat and boils off: ${low} to ${high}. Not yet.`,
  'drop-dances': (low, high) => `A drop beads and skates: past ${low} to ${high}.`,
  shimmer: (low, high) => `Oil runs thin and shimmers: ${low} to ${high}.`,
  wisp: (low, high, fat) => `First wisp from ${fat}: ${low} to ${high}. A warning, not the aim.`,
  infrared: (low, high) => `Infrared gun on the middle: ${low} to ${high} when it is there.`,
  sound: (low) => `Silence as it goes in: under ${low}. Take it out and wait.`,
};

const formatSign = ({ sign, from, to }: ReadinessSign, fat: string, show: Show): string =>
  SIGN_WORDS[sign](show.degrees(from), show.degrees(to), fat);

/** Temperature drop of the pan when food goes in, simulated in a worker. */
const useLoading = (request: PlanRequest, pan: PanOnBurner): Loading | undefined => {
  const [found, setFound] = useState<Loading>();
  useEffect(() => {
    let live = true;
    plannerWorker('loading')
      .loading(request, pan)
      .then(
        (loading) => live && setFound(loading),
        () => undefined,
      );
    return () => {
      live = false;
    };
  }, [request, pan]);
  return found;
};

/** Longest the curve of a pan is drawn, s. */
const LONGEST_CURVE = 1200;

/** Warm-up time of this pan on this burner, signs that it is hot, and its capacity. */
export const PanAndFat = memo(function PanAndFat({ request }: { readonly request: PlanRequest }) {
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const pan = useMemo(() => panInUse(kitchen), [kitchen]);
  const warming = preheat(pan, request.pan);
  const cut = cutOf(request);
  const { area } = footprint(cut, request.weight, request.thickness);
  const { most, covered } = crowding(pan, area);
  const loading = useLoading(request, pan);
  const curve = useMemo(() => {
    const seconds = Math.min(LONGEST_CURVE, 1.3 * (warming.reached ? warming.seconds : 900));
    const value = preheatCurve(pan, seconds);
    return { label: 'empty pan', colour: INK.iron700, time: value.map((_, i) => i * 10), value };
  }, [pan, warming]);
  const fat = fatOf(request.fat);
  const level = useMemo(
    () => ({ value: request.pan, label: show.degrees(request.pan) }),
    [request.pan, show],
  );
  return (
    <View className="gap-3">
      <Text>
        {warming.reached
          ? `${formatDuration(Math.round(warming.seconds / 15) * 15)} on full for ${pan.mass} kg of iron on ${pan.power / 1000} kW of ${pan.burner}, then a minute to even out.`
          : `This burner leaves the pan at ${show.temperature(warming.settles)}.`}
        {pan.burner === 'induction' ? ' In steps: a cast pan can crack on full induction.' : ''}
      </Text>
      <Chart
        curves={[curve]}
        level={level}
        marks={[]}
        ticks={[[0, request.pan + 30, 5]]}
        units={show.units}
        linear
        height={150}
        showTemperature={show.degrees}
        says={`The pan comes up to ${show.temperature(request.pan)}${warming.reached ? ` in ${formatDuration(warming.seconds)}` : ''}.`}
      />
      <View role="list" className="gap-1">
        {readinessSigns(fat, request.pan).map((sign) => (
          <Text key={sign.sign} voice="small" role="listitem">
            {formatSign(sign, fat.name, show)}
          </Text>
        ))}
      </View>
      <Text voice="small">
        {`The pan takes ${most === 1 ? 'one' : most} at once (${Math.round(covered(Math.min(request.pieces, most)) * 100)} % of its floor).`}
        {loading
          ? ` With food in, it drops to ${show.temperature(loading.lowest)} and needs ${formatDuration(loading.recovery)} at full power between batches.`
          : ''}
        {request.pieces > most
          ? ` ${request.pieces} go in ${Math.ceil(request.pieces / most)} batches: crowding steams.`
          : ''}
      </Text>
      <Text voice="small" tone="text-iron-500">
        Extractor on before the oil. The handle is as hot as the pan: a dry towel or sleeve stays on
        it. Smoke points from handbooks of edible oils; drop and wisp are ranges, not figures.
      </Text>
    </View>
  );
});
