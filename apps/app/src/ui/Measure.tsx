import { useState } from 'react';
import { TextInput, View } from 'react-native';
import {
  readFigure,
  showNumber,
  showQuantity,
  UNITS,
  type QuantityKind,
  type UnitSystem,
} from '@crustan/core/units';
import { Slider } from './Slider';
import { Text } from './Text';
import { t } from '../t';

interface Props {
  readonly label: string;
  readonly kind: QuantityKind;
  readonly units: UnitSystem;
  /** SI or Celsius. */
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** Range of the slider, if typical values are a small part of the valid range. */
  readonly typical?: readonly [number, number];
  /** Says its label in print too, where nothing else does. */
  readonly named?: boolean;
  readonly onChange: (si: number) => void;
}

/** A quantity by slider for the thumb and by figures for those who have measured. */
export const Measure = ({
  label,
  kind,
  units,
  value: known,
  least,
  most,
  typical,
  named = false,
  onChange,
}: Props) => {
  const unit = UNITS[units][kind];
  // Taken from the thumb until the caller has drawn it too, which may be some frames later.
  const [taken, setTaken] = useState<number>();
  if (taken === known) setTaken(undefined);
  const value = taken ?? known;
  const give = (si: number): void => {
    const within = Math.min(most, Math.max(least, si));
    setTaken(within);
    onChange(within);
  };
  const shown = showNumber(kind, value, units);
  // Text while it is being typed: the caller holds the value itself.
  const [typing, setTyping] = useState<{ readonly text: string; readonly refused?: string }>();

  const take = (text: string): void => {
    const figure = readFigure(text);
    const si = unit.toSi(figure);
    // Half a shown step of grace: the limit itself must be typable in every unit.
    const grace = Math.abs(unit.toSi(unit.step / 2) - unit.toSi(0));
    if (text.trim() === '' || !Number.isFinite(figure) || si < least - grace || si > most + grace) {
      const range = t('to', {
        quantity: showQuantity(kind, least, units),
        quantity2: showQuantity(kind, most, units),
      });
      setTyping({ text, refused: t('runs-from', { label, range }) });
      return;
    }
    setTyping({ text });
    give(si);
  };

  const [low, high] = typical ?? [least, most];
  const steps = (si: number): number => Math.round(unit.fromSi(si) / unit.step) * unit.step;
  return (
    <View className="gap-1">
      {named ? <Text voice="small">{label}</Text> : null}
      <View className="flex-row flex-wrap items-center gap-3">
        <View className="min-w-[6rem] flex-1">
          <Slider
            label={label}
            value={unit.fromSi(value)}
            least={steps(low)}
            most={steps(high)}
            step={unit.step}
            says={showQuantity(kind, value, units)}
            onChange={(figure) => {
              setTyping(undefined);
              give(unit.toSi(figure));
            }}
          />
        </View>
        <TextInput
          aria-label={t('in', { label, symbol: unit.symbol })}
          aria-invalid={typing?.refused !== undefined}
          inputMode={unit.inEighths ? 'text' : 'decimal'}
          value={typing?.text ?? shown}
          onChangeText={take}
          onBlur={() => setTyping(undefined)}
          selectTextOnFocus
          className="min-h-touch w-20 rounded border border-salt-300 bg-salt-0 px-2 text-right font-head text-19 text-iron-950"
        />
        <Text voice="body" className="w-8">
          {unit.symbol}
        </Text>
      </View>
      {typing?.refused === undefined ? null : (
        <Text voice="small" role="alert">
          {typing.refused}
        </Text>
      )}
    </View>
  );
};
