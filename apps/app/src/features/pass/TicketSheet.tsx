import { View } from 'react-native';
import { avoidedBy, dishConflicts } from '@crustan/core/pass/orderAllergens';
import { sidesOf } from '@crustan/core/pass/menuDish';
import { Text } from '../../ui/Text';
import { describeAllergens, describeAvoided } from '../../words/allergenWords';
import { useShow } from '../../words/useShow';
import { placedIn } from './placedIn';
import { describePiece } from './passWords';
import type { PassNow } from './usePass';

/** The open and held tables on paper: seen only in print. */
export const TicketSheet = ({ pass }: { readonly pass: PassNow }) => {
  const show = useShow();
  const tickets = pass.state.tickets.filter(({ state }) => state === 'open' || state === 'held');
  return (
    <View className="print-only gap-3" role="group" aria-label="Ticket sheet">
      <Text voice="strong">{`Tables, ${show.clock(pass.line.now)}`}</Text>
      {tickets.map((ticket) => {
        const { id, table, state, wanted, pieces, allergy, note } = ticket;
        const landing = placedIn(pass.schedule).tickets.get(id);
        const sides = sidesOf(pass.dishes, pieces);
        const says = [
          state === 'held' ? 'held until fired' : undefined,
          wanted === undefined ? undefined : `wanted ${show.clock(wanted)}`,
          landing ? `ready ${show.clock(pass.momentOf(landing.landsAt))}` : undefined,
          describeAvoided(avoidedBy(ticket), allergy)?.toUpperCase(),
          note,
        ].filter((part) => part !== undefined);
        return (
          <View key={id} className="border-t border-iron-950 pt-1">
            <Text voice="head">{[`Table ${table}`, ...says].join(' · ')}</Text>
            {pieces.map((piece) => {
              const placed = placedIn(pass.schedule).pieces.get(piece.id);
              const start = placed ? ` · on ${show.clock(pass.momentOf(placed.start))}` : '';
              const said = piece.note === undefined ? '' : ` (${piece.note})`;
              return (
                <Text key={piece.id}>{`☐ ${describePiece(pass, piece.id)}${said}${start}`}</Text>
              );
            })}
            {sides.map(({ side, plates }) => (
              <Text key={side.name}>{`☐ ${side.name} × ${plates}`}</Text>
            ))}
            {dishConflicts(ticket, pass.dishes).map(({ dish, carries, unstated }) => (
              <Text key={dish.id} voice="strong">
                {`CHECK ${dish.name}: ${[
                  ...(carries.length === 0 ? [] : [`contains ${describeAllergens(carries)}`]),
                  ...(unstated.length === 0 ? [] : [`not stated: ${unstated.join(', ')}`]),
                ].join('; ')}`}
              </Text>
            ))}
          </View>
        );
      })}
    </View>
  );
};
