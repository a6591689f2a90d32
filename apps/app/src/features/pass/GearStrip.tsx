import { translateName } from '@crustan/messages';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import type { TicketPiece } from '@crustan/core/pass/serviceTickets';
import { useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { GearTrouble, OUT_WORDS, outOf, type GearProps, type GearRow } from './GearTrouble';
import { describePiece } from './passWords';
import type { PassNow } from './usePass';
import type { Presses } from './usePressed';
import { t } from './t';

interface Props {
  readonly pass: PassNow;
  readonly presses: Presses;
}

const rowsOf = ({ gear, heat, on, state }: PassNow): readonly GearRow[] => {
  const begun = state.tickets.flatMap(({ pieces }) => pieces.filter((piece) => piece.begun));
  const inPlace = (place: 'pan' | 'oven', id: string): readonly TicketPiece[] =>
    begun.filter((piece) => {
      const where = on.get(piece.id)?.state.place;
      return where === place && piece.begun?.[place] === id;
    });
  return [
    ...gear.pans.map(({ id, name }, index): GearRow => ({
      ...{ place: 'pan', index, id, name: capital(translateName(name)), places: undefined },
      at: heat.pans[index] ?? 0,
      holds: inPlace('pan', id),
    })),
    ...gear.ovens.map(({ id, slots }, index): GearRow => ({
      ...{ place: 'oven', index, id, places: slots },
      name: gear.ovens.length > 1 ? t('oven-2', { value: index + 1 }) : t('oven'),
      at: heat.ovens[index] ?? 0,
      holds: inPlace('oven', id),
    })),
  ];
};

const Row = ({ row, rows, pass, presses }: GearProps) => {
  const show = useShow();
  const watches = useWatches();
  const [open, setOpen] = useState(false);
  const { place, id, name, at, holds, places } = row;
  const out = outOf(pass, place, id);
  // The food in it is asked for at once; the gear can come back at any time.
  const shown = !watches && (open || out !== undefined);
  const food =
    holds.length === 0
      ? t('empty')
      : `${places === undefined ? '' : t('of', { holdsCount: holds.length, places })}${holds.map((piece) => describePiece(pass, piece.id)).join('; ')}`;
  return (
    <View role="listitem" className="gap-3 border-t border-iron-700 pt-1">
      <Pressable
        role="button"
        aria-expanded={shown}
        aria-label={t('out-of-use-back-or-measured', { name })}
        disabled={watches}
        onPress={() => setOpen(!open)}
        className="min-h-touch flex-row items-center gap-3"
      >
        <Text voice="label" tone="text-salt-50" className="w-[8.25rem] underline">
          {name}
        </Text>
        <Text
          voice="figure"
          tone={out ? 'text-iron-400' : 'text-salt-50'}
          className="w-[4rem]"
          style={{ fontVariant: ['tabular-nums'] }}
        >
          {show.degrees(at)}
        </Text>
        <Text voice="small" tone="text-salt-200" className="flex-1">
          {out ? t('out-of-use', { state: OUT_WORDS[out.why].state, food }) : food}
        </Text>
      </Pressable>
      {shown ? <GearTrouble row={row} rows={rows} pass={pass} presses={presses} /> : null}
    </View>
  );
};

/** Burners that are out of use or back, and the cooks on the line. */
const BurnersAndCooks = ({ pass, presses }: Props) => {
  const burners = useAppSelector((state) => state.kitchen.burners);
  const { hands } = pass.gear;
  const said = (count: number): void =>
    presses.say({ kind: 'hands', count }, t('on-the-line', { count }));
  return (
    <View className="gap-2 border-t border-iron-700 pt-2">
      <View className="flex-row flex-wrap items-center gap-2">
        <Text voice="label" tone="text-salt-50" className="w-[8.25rem]">
          {t('cooks-on-the-line', { hands })}
        </Text>
        <Button
          kind="stovePlain"
          disabled={hands === 0}
          label={t('one-leaves')}
          onPress={() => said(hands - 1)}
        />
        <Button
          kind="stovePlain"
          disabled={hands >= 20}
          label={t('one-more')}
          onPress={() => said(hands + 1)}
        />
      </View>
      <View className="flex-row flex-wrap gap-2">
        {burners.map(({ id }, i) => {
          const out = pass.state.out.some(({ gear, of }) => gear === 'burner' && of === id);
          const name = burners.length > 1 ? t('burner', { value: i + 1 }) : t('burner-2');
          return (
            <Button
              key={id}
              kind="stovePlain"
              label={out ? t('is-back', { name }) : t('is-out', { name })}
              onPress={() =>
                presses.say(
                  out
                    ? { kind: 'back', gear: 'burner', of: id }
                    : { kind: 'out', gear: 'burner', of: id, why: 'broken' },
                  out ? t('is-back', { name }) : t('is-out-of-use', { name }),
                )
              }
            />
          );
        })}
      </View>
    </View>
  );
};

/** Pans and ovens: what each is at, what is in it, and what is out of use. */
export const GearStrip = ({ pass, presses }: Props) => {
  const watches = useWatches();
  const rows = rowsOf(pass);
  return (
    <View className="gap-2">
      <Text voice="head" tone="text-salt-50" heading={2}>
        {t('pans-and-ovens')}
      </Text>
      <View role="list" aria-label={t('pans-and-ovens')} className="gap-2">
        {rows.map((row) => (
          <Row key={`${row.place} ${row.id}`} row={row} rows={rows} pass={pass} presses={presses} />
        ))}
      </View>
      {watches ? null : <BurnersAndCooks pass={pass} presses={presses} />}
    </View>
  );
};
