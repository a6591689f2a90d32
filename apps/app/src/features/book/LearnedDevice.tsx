import { useState } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import { GEAR_LIMITS } from '@crustan/core/formats/kitchen';
import { kitchenNow } from '../../store/clock';
import { traitForgotten, traitUsed } from '../../store/kitchenSlice';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Measure } from '../../ui/Measure';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import {
  DEVICE_NAMES,
  DEVICE_WHY,
  howSure,
  formatSpread,
  describeTrait,
  USE_CAUTIONS,
  type DeviceKind,
  type LearnedDeviceView,
} from './learnedDevices';
import { t } from './t';

interface Props {
  readonly device: LearnedDeviceView;
  readonly titles: ReadonlyMap<string, string>;
}

/** Each figure set by hand: in which unit, and how far. */
const BY_HAND = {
  oven: { kind: 'temperatureDifference', limit: GEAR_LIMITS.offset },
  ovenHeat: { kind: 'share', limit: GEAR_LIMITS.ovenHeat },
  lag: { kind: 'minutes', limit: GEAR_LIMITS.lag },
  burner: { kind: 'share', limit: GEAR_LIMITS.share },
  contact: { kind: 'share', limit: GEAR_LIMITS.contact },
  thickness: { kind: 'depth', limit: GEAR_LIMITS.thickness },
  crust: { kind: 'share', limit: GEAR_LIMITS.crust },
} as const satisfies Record<DeviceKind, object>;

/** Cooks named one by one. */
const NAMED = 4;
/** A used figure and a learned figure are the same within this, standard deviations. */
const SAME = 0.1;

/** Calibration of one device: figure, uncertainty, the cooks behind it, and its buttons. */
export const LearnedDevice = ({ device, titles }: Props) => {
  const show = useShow();
  const dispatch = useAppDispatch();
  const [byHand, setByHand] = useState(false);
  const { key, kind, pan, value, deviation, unknown, use, cooks, used, nominal, together } = device;
  const caution = cooks.length === 0 ? undefined : USE_CAUTIONS[use];
  const says = describeTrait(kind, value, show);
  const take = (taken: number, by: 'cooks' | 'hand'): void => {
    const { least, most } = BY_HAND[kind].limit;
    dispatch(
      traitUsed({
        key,
        used: {
          value: Math.min(most, Math.max(least, taken)),
          by,
          at: kitchenNow(),
          ...(by === 'cooks' ? { deviation, cooks: cooks.length } : {}),
        },
      }),
    );
  };
  const name = pan === undefined ? DEVICE_NAMES[kind] : t('in', { words: DEVICE_NAMES[kind], pan });
  const uses =
    used === undefined
      ? t('plans-use-the-nominal-value', { trait: describeTrait(kind, nominal, show) })
      : t('plans-use', {
          trait: describeTrait(kind, used.value, show),
          part: used.by === 'hand' ? t('set-by-hand') : t('learned'),
        });
  const following = used !== undefined && Math.abs(used.value - value) <= SAME * deviation;
  return (
    <View className="gap-2 border-t border-salt-300 pt-3" role="group" aria-label={name}>
      <Text voice="head" heading={2}>
        {name}
      </Text>
      <View className="flex-row flex-wrap items-baseline gap-x-3">
        <Text voice="action">{says}</Text>
        <Text voice="figure" tone="text-iron-500">
          {`± ${formatSpread(kind, deviation, show)} · ${howSure(unknown)}`}
        </Text>
      </View>
      <Text voice="small" tone="text-iron-500">
        {DEVICE_WHY[kind]}
      </Text>
      {cooks.length === 0 ? (
        <Text voice="small">{t('no-cook-has-evidence-on-this-figure')}</Text>
      ) : (
        <View className="flex-row flex-wrap gap-x-3">
          <Text voice="small">{t('from', { cooksCount: cooks.length })}</Text>
          {cooks.slice(0, NAMED).map(({ id, share }) => (
            <Link key={id} href={`/book/${id}`} className="min-h-[28px] py-1">
              <Text voice="small" tone="text-flame-light" className="underline">
                {`${titles.get(id) ?? t('a-cook-2')}${share === undefined ? '' : ` (${Math.round(share * 100)} %)`}`}
              </Text>
            </Link>
          ))}
        </View>
      )}
      {together === undefined ? null : (
        <Text voice="small">
          {t('with-its-heat-it-behaves-like', {
            set: show.degrees(together.air),
            like: show.degrees(together.air + together.over),
            spread: show.difference(together.sigma),
          })}
        </Text>
      )}
      {caution === undefined ? null : <Text voice="small">{caution}</Text>}
      <Text voice="label">{uses}</Text>
      <View className="flex-row flex-wrap gap-2">
        {following || cooks.length === 0 || use !== 'yes' ? null : (
          <Button kind="plain" label={t('use', { says })} onPress={() => take(value, 'cooks')} />
        )}
        {kind === 'crust' ? null : (
          <Button
            kind="plain"
            label={byHand ? t('done') : t('set-by-hand-2')}
            onPress={() => setByHand(!byHand)}
          />
        )}
        <Button
          kind="plain"
          label={t('reset')}
          onPress={() => dispatch(traitForgotten({ key, at: kitchenNow() }))}
        />
      </View>
      {byHand ? (
        <Measure
          units={show.units}
          label={name}
          kind={BY_HAND[kind].kind}
          value={used?.value ?? nominal}
          {...BY_HAND[kind].limit}
          onChange={(taken) => take(taken, 'hand')}
        />
      ) : null}
    </View>
  );
};
