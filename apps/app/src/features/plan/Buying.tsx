import { memo, useState } from 'react';
import { TextInput, View } from 'react-native';
import { cutPrimal, portionsOf } from '@crustan/core/food';
import type { CookPlan } from '@crustan/core/plan';
import { Measure } from '../../ui/Measure';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { useAsked } from '../../workers/useAsked';
import { lossOf } from '@crustan/core/heat/drip';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

interface Typed {
  readonly price: string;
  readonly packet: string;
  readonly trim: string;
}

const figure = (typed: string, least: number, most: number): number | undefined => {
  const value = Number(typed.trim().replace(',', '.'));
  return typed.trim() !== '' && value >= least && value <= most ? value : undefined;
};

const FIELDS: readonly (readonly [keyof Typed, string, number, number])[] = [
  ['price', t('price-of-the-whole-per-kg'), 0.01, 100_000],
  ['packet', t('price-in-the-packet-per-kg'), 0.01, 100_000],
  ['trim', t('trimmed-off-per-cent'), 0, 80],
];

/** Portion on the plate, kg: a thick piece is split into such portions. Typical. */
const PORTION = 0.18;

/** Thickness to ask the butcher for, found by planning every thickness near this one. */
const HowThick = ({ plan }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const range = useAsked('thickness', plan.request);
  const way = WAY_NAMES[plan.request.way].toLowerCase();
  return (
    <Text aria-live="polite">
      {range === undefined
        ? t('planning-every-thickness-about-this-one')
        : range.least === range.most
          ? t('for-this-end-ask-for', { way, thickness: show.thickness(range.least) })
          : t('for-this-end-ask-for-to-thinner', {
              way,
              thickness: show.thickness(range.least),
              thickness2: show.thickness(range.most),
              part: range.open ? t('thicker-only-takes-longer') : t('thicker-burns-first'),
            })}
    </Text>
  );
};

/** A primal into pieces of this thickness, against the packet; portions from one thick piece. */
export const Buying = memo(function Buying({ plan }: { readonly plan: CookPlan }) {
  const show = useShow();
  const { thickness, weight } = plan.request;
  const [primal, setPrimal] = useState({ weight: 3, length: 0.3 });
  const [typed, setTyped] = useState<Typed>({ price: '24', packet: '36', trim: '12' });
  const values = FIELDS.map(([key, , least, most]) => figure(typed[key], least, most));
  const [price, packet, trim] = values;
  const cutting =
    price !== undefined && trim !== undefined
      ? cutPrimal({ ...primal, pricePerKg: price, trim: trim / 100 }, thickness)
      : undefined;
  const portions = portionsOf(weight, lossOf(plan).central, PORTION);
  return (
    <View className="gap-3">
      <Text>
        {portions >= 2
          ? t('this-piece-gives-about-plates-of-one', { portions, weight: show.weight(PORTION) })
          : t('this-piece-is-one-plate-for-two')}
      </Text>
      <HowThick plan={plan} />
      <Text voice="label">{t('a-whole-piece-cut-at-home')}</Text>
      <Measure
        units={show.units}
        label={t('whole-piece')}
        named
        kind="weight"
        value={primal.weight}
        least={0.3}
        most={20}
        typical={[0.5, 8]}
        onChange={(kilograms) => setPrimal({ ...primal, weight: kilograms })}
      />
      <Measure
        units={show.units}
        label={t('its-length-along-the-cut')}
        named
        kind="thickness"
        value={primal.length}
        least={0.03}
        most={1.2}
        typical={[0.1, 0.6]}
        onChange={(length) => setPrimal({ ...primal, length })}
      />
      {FIELDS.map(([key, label, least, most], i) => (
        <View key={key} className="flex-row flex-wrap items-center gap-x-3 gap-y-1">
          <Text className="min-w-[9rem] flex-1">{label}</Text>
          <TextInput
            aria-label={label}
            inputMode="decimal"
            value={typed[key]}
            aria-invalid={values[i] === undefined}
            onChangeText={(text) => setTyped({ ...typed, [key]: text })}
            className="min-h-touch w-24 rounded border border-salt-300 bg-salt-0 px-2 text-right font-head text-19 text-iron-950"
          />
          {values[i] === undefined ? (
            <Text voice="note" role="alert">
              {t('to', { least, most })}
            </Text>
          ) : null}
        </View>
      ))}
      {cutting ? (
        <Text aria-live="polite">
          {cutting.count === 0
            ? t('too-short-for-one-piece-of-this')
            : t('pieces-of-each-at-of-trim-per', {
                count: cutting.count,
                thickness: show.thickness(thickness),
                weight: show.weight(cutting.each),
                priceEach: formatFixed(cutting.priceEach, 2),
                weight2: show.weight(cutting.trim),
                pricePerKg: formatFixed(cutting.pricePerKg, 2),
                part:
                  packet === undefined
                    ? ''
                    : cutting.pricePerKg < packet
                      ? t('under-the-packet', {
                          value: Math.round((1 - cutting.pricePerKg / packet) * 100),
                        })
                      : t('over-the-packet', {
                          value: Math.round((cutting.pricePerKg / packet - 1) * 100),
                        }),
              })}
        </Text>
      ) : null}
    </View>
  );
});
