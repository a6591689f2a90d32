import { formatList } from '@crustan/messages';
import { memo } from 'react';
import { View } from 'react-native';
import { avoidedBy, dishConflicts } from '@crustan/core/pass/orderAllergens';
import { sidesOf } from '@crustan/core/pass/menuDish';
import { Text } from '../../ui/Text';
import { describeAllergens, describeAvoided } from '../../words/allergenWords';
import { useShow } from '../../words/useShow';
import { placedIn } from './placedIn';
import { describePiece } from './passWords';
import type { TicketsShown } from './useTicketsShown';
import { t } from './t';

const MINUTE = 60_000;

interface Props {
  readonly shown: TicketsShown;
  /** Present minute, since 1970. */
  readonly minute: number;
}

/** The open and held tables on paper: seen only in print. */
export const TicketSheet = memo(function TicketSheet({ shown, minute }: Props) {
  const show = useShow();
  const tickets = shown.state.tickets.filter(({ state }) => state === 'open' || state === 'held');
  return (
    <View className="print-only gap-3" role="group" aria-label={t('ticket-sheet')}>
      <Text voice="strong">{t('tables', { clock: show.clock(minute * MINUTE) })}</Text>
      {tickets.map((ticket) => {
        const { id, table, state, wanted, pieces, allergy, note } = ticket;
        const scheduled = placedIn(shown.schedule).tickets.get(id);
        const sides = sidesOf(shown.dishes, pieces);
        const says = [
          state === 'held' ? t('held-until-fired-2') : undefined,
          wanted === undefined ? undefined : t('wanted', { clock: show.clock(wanted) }),
          scheduled
            ? t('ready-2', { clock: show.clock(shown.momentOf(scheduled.landsAt)) })
            : undefined,
          describeAvoided(avoidedBy(ticket), allergy)?.toUpperCase(),
          note,
        ].filter((part) => part !== undefined);
        return (
          <View key={id} className="border-t border-iron-950 pt-1">
            <Text voice="head">{[t('table', { table }), ...says].join(' · ')}</Text>
            {pieces.map((piece) => {
              const placed = placedIn(shown.schedule).pieces.get(piece.id);
              const start = placed
                ? t('on', { clock: show.clock(shown.momentOf(placed.start)) })
                : '';
              const said = piece.note === undefined ? '' : ` (${piece.note})`;
              return (
                <Text key={piece.id}>{`☐ ${describePiece(shown, piece.id)}${said}${start}`}</Text>
              );
            })}
            {sides.map(({ side, plates }) => (
              <Text key={side.name}>{`☐ ${side.name} × ${plates}`}</Text>
            ))}
            {dishConflicts(ticket, shown.dishes).map(({ dish, carries, unstated }) => (
              <Text key={dish.id} voice="strong">
                {t('check', {
                  name: dish.name,
                  value: [
                    ...(carries.length === 0
                      ? []
                      : [t('contains-3', { allergens: describeAllergens(carries) })]),
                    ...(unstated.length === 0
                      ? []
                      : [t('not-stated', { unstated: formatList(unstated) })]),
                  ].join('; '),
                })}
              </Text>
            ))}
          </View>
        );
      })}
    </View>
  );
});
