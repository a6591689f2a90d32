import { translateName } from '@crustan/messages';
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
import { t } from './t';

const SIGN_WORDS: Readonly<
  Record<ReadinessSign['sign'], (low: string, high: string, fat: string) => string>
> = {
  'drop-sizzles': (low, high) => t('a-drop-of-water-lies-flat-and', { low, high }),
  'drop-dances': (low, high) => t('a-drop-beads-and-skates-past-to', { low, high }),
  shimmer: (low, high) => t('oil-runs-thin-and-shimmers-to', { low, high }),
  wisp: (low, high, fat) => t('first-wisp-from-to-a-warning-not', { fat, low, high }),
  infrared: (low, high) => t('infrared-gun-on-the-middle-to-when', { low, high }),
  sound: (low) => t('silence-as-it-goes-in-under-take', { low }),
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
    return { label: t('empty-pan'), colour: INK.iron700, time: value.map((_, i) => i * 10), value };
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
          ? t('on-full-for-kg-of-iron-on', {
              duration: formatDuration(Math.round(warming.seconds / 15) * 15),
              mass: pan.mass,
              value: pan.power / 1000,
              burner: pan.burner,
            })
          : t('this-burner-leaves-the-pan-at', { temperature: show.temperature(warming.settles) })}
        {pan.burner === 'induction' ? t('in-steps-a-cast-pan-can-crack') : ''}
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
        says={t('the-pan-comes-up-to', {
          temperature: show.temperature(request.pan),
          part: warming.reached ? t('in', { duration: formatDuration(warming.seconds) }) : '',
        })}
      />
      <View role="list" className="gap-1">
        {readinessSigns(fat, request.pan).map((sign) => (
          <Text key={sign.sign} voice="small" role="listitem">
            {formatSign(sign, translateName(fat.name), show)}
          </Text>
        ))}
      </View>
      <Text voice="small">
        {t('the-pan-takes-at-once-of-its', {
          part: most === 1 ? t('one') : most,
          value: Math.round(covered(Math.min(request.pieces, most)) * 100),
        })}
        {loading
          ? t('with-food-in-it-drops-to-and', {
              temperature: show.temperature(loading.lowest),
              duration: formatDuration(loading.recovery),
            })
          : ''}
        {request.pieces > most
          ? t('go-in-batches-crowding-steams', {
              pieces: request.pieces,
              value: Math.ceil(request.pieces / most),
            })
          : ''}
      </Text>
      <Text voice="small" tone="text-iron-500">
        {t('extractor-on-before-the-oil-the-handle')}
      </Text>
    </View>
  );
});
