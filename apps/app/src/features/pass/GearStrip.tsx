import { View } from 'react-native';
import type { TicketPiece } from '@crustan/core/pass/serviceTickets';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { sayPiece } from './passWords';
import type { PassNow } from './usePass';

/** Pans and ovens: what each is at, and what is in it. */
export const GearStrip = ({ pass }: { readonly pass: PassNow }) => {
  const show = useShow();
  const { gear, heat, on, state } = pass;
  const begun = state.tickets.flatMap(({ pieces }) => pieces.filter((piece) => piece.begun));
  const inPlace = (place: 'pan' | 'oven', id: string): readonly TicketPiece[] =>
    begun.filter((piece) => {
      const where = on.get(piece.id)?.state.place;
      return where === place && piece.begun?.[place] === id;
    });
  const rows = [
    ...gear.pans.map(({ id, name }, i) => ({
      key: `pan ${id}`,
      name,
      at: heat.pans[i] ?? 0,
      holds: inPlace('pan', id),
      places: undefined,
    })),
    ...gear.ovens.map(({ id, slots }, i) => ({
      key: `oven ${id}`,
      name: gear.ovens.length > 1 ? `Oven ${i + 1}` : 'Oven',
      at: heat.ovens[i] ?? 0,
      holds: inPlace('oven', id),
      places: slots,
    })),
  ];
  return (
    <View className="gap-2">
      <Text voice="head" tone="text-salt-50" heading={2}>
        Pans and ovens
      </Text>
      <View role="list" aria-label="Pans and ovens" className="gap-2">
        {rows.map(({ key, name, at, holds, places }) => (
          <View key={key} role="listitem" className="flex-row gap-3 border-t border-iron-700 pt-2">
            <Text voice="label" tone="text-salt-50" className="w-[8.25rem]">
              {name}
            </Text>
            <Text
              voice="figure"
              tone="text-salt-50"
              className="w-[4rem]"
              style={{ fontVariant: ['tabular-nums'] }}
            >
              {show.degrees(at)}
            </Text>
            <Text voice="small" tone="text-salt-200" className="flex-1">
              {holds.length === 0
                ? 'empty'
                : `${places === undefined ? '' : `${holds.length} of ${places}: `}${holds.map(({ id }) => sayPiece(pass, id)).join('; ')}`}
            </Text>
          </View>
        ))}
      </View>
    </View>
  );
};
