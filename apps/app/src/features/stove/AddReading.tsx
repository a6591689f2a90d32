import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { FIRMNESSES, type Firmness } from '@crustan/core/doneness/firmness';
import { READING_LIMIT } from '@crustan/core/formats/cookEventSchema';
import { isUnlikelyTouch } from '@crustan/core/estimate/fingerTouch';
import type { ReadingSense } from '@crustan/core/estimate/readingSense';
import { UNITS, showQuantity } from '@crustan/core/units';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { useDrillError } from '../../store/useDrillError';
import { FIRMNESS_NAMES } from '../../words/firmnessWords';
import { useShow } from '../../words/useShow';
import { t } from './t';

interface Props {
  /** `lowest`: of three tries in three places. */
  readonly onRead: (celsius: number, lowest: boolean) => void;
  readonly onClose: () => void;
  /** The middle was pressed with a finger; undefined for food whose firmness does not show its core. */
  readonly onFelt?: ((firmness: Firmness) => void) | undefined;
  /** Expected core, C; undefined without a forecast. */
  readonly expected?: number | undefined;
  /** Whether a figure makes sense against what the middle should have. */
  readonly senseOf?: (celsius: number) => ReadingSense;
}

const isCore = (celsius: number): boolean =>
  Number.isFinite(celsius) && celsius >= READING_LIMIT.least && celsius <= READING_LIMIT.most;

/** Form for a reading of the thermometer, in the cook's own unit. */
export const AddReading = ({ onRead, onFelt, expected, onClose, senseOf }: Props) => {
  const { units } = useShow();
  const unit = UNITS[units].temperature;
  const [text, setText] = useState('');
  const [tries, setTries] = useState<'one' | 'three'>('one');
  const lowest = tries === 'three';
  const [refused, setRefused] = useState<string>();
  const [doubted, setDoubted] = useState<{ celsius: number; sense: ReadingSense }>();

  const take = (): void => {
    const figure = Number(text.trim().replace(',', '.'));
    const celsius = unit.toSi(figure);
    const sense = senseOf?.(celsius) ?? { kind: 'plausible' };
    setDoubted(undefined);
    setRefused(undefined);
    // A Fahrenheit figure among Celsius lies outside what a core reads: asked about, not refused.
    if (Number.isFinite(figure) && sense.kind === 'other-unit') {
      setDoubted({ celsius, sense });
      return;
    }
    const { least, most } = READING_LIMIT;
    if (text.trim() === '' || !isCore(celsius)) {
      const range = t('to', {
        quantity: showQuantity('temperature', least, units),
        quantity2: showQuantity('temperature', most, units),
      });
      setRefused(t('a-core-reads-type-what-the-thermometer', { range }));
      return;
    }
    if (sense.kind === 'unlikely' && doubted?.celsius !== celsius) {
      setDoubted({ celsius, sense });
      return;
    }
    onRead(celsius, lowest);
  };

  return (
    <View className="gap-3">
      <View className="flex-row items-center gap-3">
        <TextInput
          autoFocus
          aria-label={t('core-temperature-in', { symbol: unit.symbol })}
          inputMode="decimal"
          value={text}
          onChangeText={setText}
          onSubmitEditing={take}
          className="min-h-stove w-0 min-w-0 flex-1 rounded border border-iron-500 bg-iron-900 px-4 font-head text-40 text-salt-50"
        />
        <Text voice="bigFigure" tone="text-salt-50">
          {unit.symbol}
        </Text>
      </View>
      <Choice
        label={t('how-it-was-taken')}
        value={tries}
        onIron
        onChange={setTries}
        options={[
          { value: 'one', label: t('one-try') },
          { value: 'three', label: t('the-lowest-of-three') },
        ]}
      />
      {onFelt ? <ByFinger onFelt={onFelt} expected={expected} /> : null}
      {refused === undefined ? null : (
        <Text voice="small" tone="text-salt-50" role="alert">
          {refused}
        </Text>
      )}
      {doubted?.sense.kind === 'other-unit' ? (
        <View className="gap-2" role="alert">
          <Text tone="text-salt-50">
            {t('that-looks-like-it-would-be', {
              part: units === 'metric' ? t('fahrenheit') : t('celsius'),
              quantity: showQuantity('temperature', doubted.sense.celsius, units),
            })}
          </Text>
          <Button
            kind="stovePlain"
            label={t('keep', {
              quantity: showQuantity('temperature', doubted.sense.celsius, units),
            })}
            onPress={() => {
              if (doubted.sense.kind === 'other-unit') onRead(doubted.sense.celsius, lowest);
            }}
          />
          {isCore(doubted.celsius) ? (
            <Button
              kind="stovePlain"
              label={t('it-is', { quantity: showQuantity('temperature', doubted.celsius, units) })}
              onPress={() => onRead(doubted.celsius, lowest)}
            />
          ) : null}
        </View>
      ) : doubted?.sense.kind === 'unlikely' ? (
        <Text tone="text-salt-50" role="alert">
          {t('the-expected-core-check-that-the-probe', {
            quantity: showQuantity('temperatureDifference', Math.abs(doubted.sense.over), units),
            part: doubted.sense.over > 0 ? t('above') : t('below'),
          })}
        </Text>
      ) : null}
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Button kind="stovePlain" label={t('cancel')} onPress={onClose} />
        </View>
        <View className="flex-1">
          <Button kind="stove" label={t('keep-reading')} onPress={take} />
        </View>
      </View>
    </View>
  );
};

/** The firmness of the middle instead of a figure: a rough measure, as good as the cook's finger in drills. */
const ByFinger = ({ onFelt, expected }: Required<Pick<Props, 'onFelt' | 'expected'>>) => {
  const show = useShow();
  const spread = useDrillError('touch')?.spread;
  const [doubted, setDoubted] = useState<Firmness>();
  const take = (firmness: Firmness): void => {
    const isDoubtful = expected !== undefined && isUnlikelyTouch(firmness, expected);
    if (isDoubtful && doubted !== firmness) setDoubted(firmness);
    else onFelt?.(firmness);
  };
  return (
    <View className="gap-2" role="group" aria-label={t('or-press-it-with-a-finger')}>
      <Text voice="label" tone="text-salt-50">
        {t('or-press-it-with-a-finger')}
      </Text>
      <View className="flex-row flex-wrap gap-2">
        {FIRMNESSES.map((firmness) => (
          <Button
            key={firmness}
            kind="stovePlain"
            label={FIRMNESS_NAMES[firmness]}
            onPress={() => take(firmness)}
          />
        ))}
      </View>
      {doubted === undefined || expected === undefined ? null : (
        <Text tone="text-salt-50" role="alert">
          {t('the-middle-should-be-about', {
            degrees: show.degrees(expected),
            firmness: FIRMNESS_NAMES[doubted],
          })}
        </Text>
      )}
      <Text voice="note" tone="text-iron-400">
        {spread === undefined
          ? t('a-finger-is-worth-little')
          : `${t('a-finger-is-worth-little')} ${t('your-finger-is-right-to', { difference: show.difference(spread) })}`}
      </Text>
    </View>
  );
};
