import { useState } from 'react';
import { TextInput, View } from 'react-native';
import type { OutReason } from '@crustan/core/pass/serviceEvent';
import type { TicketPiece } from '@crustan/core/pass/serviceTickets';
import { readFigure, UNITS } from '@crustan/core/units';
import { newId } from '../../store/newId';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { describePiece } from './passWords';
import type { PassNow } from './usePass';
import type { Presses } from './usePressed';
import { t } from './t';

/** A pan or an oven of the service, as its row shows it. */
export interface GearRow {
  readonly place: 'pan' | 'oven';
  readonly index: number;
  readonly id: string;
  readonly name: string;
  /** Current temperature, C. */
  readonly at: number;
  readonly holds: readonly TicketPiece[];
  /** Places on its rack; undefined for a pan. */
  readonly places: number | undefined;
}

export interface GearProps {
  readonly row: GearRow;
  readonly rows: readonly GearRow[];
  readonly pass: PassNow;
  readonly presses: Presses;
}

export const OUT_WORDS: Readonly<
  Record<OutReason, { readonly button: string; readonly state: string }>
> = {
  broken: { button: t('broken-or-dropped'), state: t('broken') },
  dirty: { button: t('food-burnt-on'), state: t('to-be-scrubbed') },
  unsteady: { button: t('does-not-hold-its-heat'), state: t('does-not-hold-its-heat-2') },
};
const REASONS = ['broken', 'dirty', 'unsteady'] as const satisfies readonly OutReason[];

/** Reason why a pan, an oven or a burner is out of use; undefined if it is in use. */
export const outOf = ({ state }: PassNow, gear: 'pan' | 'oven', id: string) =>
  state.out.find((one) => one.gear === gear && one.of === id);

/** Highest and lowest that a thermometer is believed for a pan or an oven, C. */
const BELIEVED = { least: 0, most: 450 } as const;

/** A measured temperature, in the units of the page. */
const Measured = ({ row, presses }: Pick<GearProps, 'row' | 'presses'>) => {
  const show = useShow();
  const [text, setText] = useState('');
  const celsius = UNITS[show.units].temperature.toSi(readFigure(text));
  const good = text.trim() !== '' && celsius >= BELIEVED.least && celsius <= BELIEVED.most;
  return (
    <View className="flex-row flex-wrap items-center gap-2">
      <TextInput
        aria-label={t('measures-in', {
          name: row.name,
          symbol: UNITS[show.units].temperature.symbol,
        })}
        value={text}
        onChangeText={setText}
        inputMode="decimal"
        placeholder={UNITS[show.units].temperature.symbol}
        className="min-h-touch w-[96px] rounded border border-iron-500 bg-iron-900 px-3 font-text text-16 text-salt-50"
      />
      <Button
        kind="stovePlain"
        disabled={!good}
        label={t('it-measures-this')}
        onPress={() => {
          presses.say(
            { kind: 'measured', gear: row.place, of: row.id, celsius },
            t('measured', { name: row.name, degrees: show.degrees(celsius) }),
          );
          setText('');
        }}
      />
    </View>
  );
};

/** Food that is in something that is out of use: where it went. */
const FoodInIt = ({ row, rows, pass, presses }: GearProps) => {
  const others = rows.filter(
    ({ place, id }) => place === row.place && id !== row.id && !outOf(pass, place, id),
  );
  return row.holds.map((piece) => {
    const says = describePiece(pass, piece.id);
    const ticket = pass.state.tickets.find(({ pieces }) => pieces.includes(piece));
    return (
      <View
        key={piece.id}
        className="gap-2"
        role="group"
        aria-label={t('what-happened-to', { says })}
      >
        <Text tone="text-salt-50">{t('what-happened-to-2', { says })}</Text>
        <View className="flex-row flex-wrap gap-2">
          {others.map(({ id, name }) => (
            <Button
              key={id}
              kind="stovePlain"
              label={t('it-is-in-now', { name })}
              onPress={() =>
                presses.say(
                  { kind: 'put', piece: piece.id, [row.place]: id },
                  t('put-into', { says, name }),
                )
              }
            />
          ))}
          <Button
            kind="stovePlain"
            label={t('cook-it-again')}
            onPress={() => {
              if (!ticket) return;
              const { dish, doneness, note } = piece;
              presses.say(
                {
                  kind: 'refired',
                  of: ticket.id,
                  instead: piece.id,
                  piece: { id: newId(), dish, doneness, ...(note === undefined ? {} : { note }) },
                },
                t('cooked-again-2', { says }),
              );
            }}
          />
        </View>
      </View>
    );
  });
};

/** Buttons of a pan or an oven: out of use, back in use, measured. */
export const GearTrouble = ({ row, rows, pass, presses }: GearProps) => {
  const { place, id, name, holds } = row;
  const out = outOf(pass, place, id);
  if (out) {
    return (
      <View className="gap-3">
        {holds.length === 0 ? null : (
          <FoodInIt row={row} rows={rows} pass={pass} presses={presses} />
        )}
        <View className="items-start">
          <Button
            kind="stovePlain"
            label={t('it-is-back-in-use')}
            spoken={t('it-is-back-in-use-2', { name })}
            onPress={() =>
              presses.say({ kind: 'back', gear: place, of: id }, t('is-back', { name }))
            }
          />
        </View>
      </View>
    );
  }
  return (
    <View className="gap-3">
      <Measured row={row} presses={presses} />
      <View className="flex-row flex-wrap gap-2">
        {REASONS.map((why) => (
          <Button
            key={why}
            kind="stovePlain"
            label={OUT_WORDS[why].button}
            spoken={`${OUT_WORDS[why].button}: ${name}`}
            onPress={() =>
              presses.say({ kind: 'out', gear: place, of: id, why }, t('is-out-of-use', { name }))
            }
          />
        ))}
      </View>
    </View>
  );
};
