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
  ['price', 'Price of the whole, per kg', 0.01, 100_000],
  ['packet', 'Price in the packet, per kg', 0.01, 100_000],
  ['trim', 'Trimmed off, per cent', 0, 80],
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
        ? 'Planning every thickness about this one…'
        : range.least === range.most
          ? `For this end, ${way}: ask for ${show.thickness(range.least)}.`
          : `For this end, ${way}: ask for ${show.thickness(range.least)} to ${show.thickness(range.most)}. Thinner is done before it browns, ${range.open ? 'thicker only takes longer' : 'thicker burns first'}.`}
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
  const portions = portionsOf(weight, lossOf(plan.evaporated, plan.drip).central, PORTION);
  return (
    <View className="gap-3">
      <Text>
        {portions >= 2
          ? `This piece gives about ${portions} plates of ${show.weight(PORTION)}: one thick piece split after cooking beats two thin ones.`
          : `This piece is one plate. For two, ask for one twice as thick rather than two.`}
      </Text>
      <HowThick plan={plan} />
      <Text voice="label">A whole piece cut at home</Text>
      <Measure
        units={show.units}
        label="Whole piece"
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
        label="Its length along the cut"
        named
        kind="thickness"
        value={primal.length}
        least={0.03}
        most={1.2}
        typical={[0.1, 0.6]}
        onChange={(length) => setPrimal({ ...primal, length })}
      />
      {FIELDS.map(([key, label, least, most], i) => (
        <View key={key} className="flex-row items-center gap-3">
          <Text className="flex-1">{label}</Text>
          <TextInput
            aria-label={label}
            inputMode="decimal"
            value={typed[key]}
            aria-invalid={values[i] === undefined}
            onChangeText={(text) => setTyped({ ...typed, [key]: text })}
            className="min-h-touch w-24 rounded border border-salt-300 bg-salt-0 px-2 text-right font-head text-19 text-iron-950"
          />
          {values[i] === undefined ? (
            <Text voice="note" role="alert">{`${least} to ${most}`}</Text>
          ) : null}
        </View>
      ))}
      {cutting ? (
        <Text aria-live="polite">
          {cutting.count === 0
            ? 'Too short for one piece of this thickness.'
            : `${cutting.count} pieces of ${show.thickness(thickness)}, ${show.weight(cutting.each)} each at ${cutting.priceEach.toFixed(2)}, ${show.weight(cutting.trim)} of trim: ${cutting.pricePerKg.toFixed(2)} per kg${
                packet === undefined
                  ? ''
                  : cutting.pricePerKg < packet
                    ? `, ${Math.round((1 - cutting.pricePerKg / packet) * 100)} % under the packet`
                    : `, ${Math.round((cutting.pricePerKg / packet - 1) * 100)} % over the packet`
              }.`}
        </Text>
      ) : null}
    </View>
  );
});
