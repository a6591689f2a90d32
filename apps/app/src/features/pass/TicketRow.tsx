import { memo } from 'react';
import { View } from 'react-native';
import { avoidedBy } from '@crustan/core/pass/orderAllergens';
import type { Ticket, TicketPiece } from '@crustan/core/pass/serviceTickets';
import { formatDuration } from '@crustan/core/units';
import { newId } from '../../store/newId';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { describeAvoided } from '../../words/allergenWords';
import { useShow } from '../../words/useShow';
import { AllergyCaution } from './AllergyCaution';
import { describePiece } from './passWords';
import { placedIn } from './placedIn';
import type { TicketsShown } from './useTicketsShown';
import type { Presses } from './usePressed';
import { t } from './t';

const STATE_WORDS = {
  held: t('held'),
  open: t('open'),
  sent: t('sent-4'),
  cancelled: t('cancelled-2'),
} as const;

interface Props {
  readonly ticket: Ticket;
  readonly shown: TicketsShown;
  readonly say: Presses['say'];
}

/** A ticket with its pieces and its actions. */
export const TicketRow = memo(function TicketRow({
  ticket,
  shown,
  say,
  onChange,
}: Props & { readonly onChange: (id: string) => void }) {
  const show = useShow();
  const { id, table, state, pieces, wanted, sentAt, allergy, note } = ticket;
  const avoided = describeAvoided(avoidedBy(ticket), allergy);
  const scheduled = placedIn(shown.schedule).tickets.get(id);
  const when =
    state === 'sent' && sentAt !== undefined
      ? t('sent-2', { clock: show.clock(sentAt) })
      : state === 'open' && scheduled
        ? t('ready-2', { clock: show.clock(shown.momentOf(scheduled.landsAt)) })
        : STATE_WORDS[state];
  const promise = wanted === undefined ? '' : t('wanted-2', { clock: show.clock(wanted) });
  const begun = pieces.some((piece) => piece.begun);
  return (
    <View role="listitem" className="gap-2 border-t border-iron-700 pt-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Text voice="bigFigure" tone="text-salt-50">
          {t('table', { table })}
        </Text>
        <Text voice="figure" tone="text-salt-200">{`${when}${promise}`}</Text>
      </View>
      {avoided === undefined ? null : (
        <>
          <View className="self-start rounded bg-hazard px-2">
            <Text voice="label">{avoided}</Text>
          </View>
          <AllergyCaution ticket={ticket} pass={shown} />
        </>
      )}
      {note === undefined ? null : (
        <Text voice="small" tone="text-salt-200">
          {note}
        </Text>
      )}
      {pieces.map((piece) => (
        <PieceRow key={piece.id} piece={piece} ticket={ticket} shown={shown} say={say} />
      ))}
      <View className="flex-row flex-wrap gap-2">
        {state === 'held' ? (
          <Button
            kind="stovePlain"
            label={t('fire-table', { table })}
            onPress={() => say({ kind: 'fired', of: id }, t('table-fired', { table }))}
          />
        ) : null}
        {state === 'open' && !begun ? (
          <Button
            kind="stovePlain"
            label={t('hold')}
            onPress={() => say({ kind: 'held', of: id }, t('table-held', { table }))}
          />
        ) : null}
        {state === 'open' || state === 'held' ? (
          <Button kind="stovePlain" label={t('change')} onPress={() => onChange(id)} />
        ) : null}
        {state === 'open' || state === 'held' ? (
          <Button
            kind="stovePlain"
            label={t('cancel')}
            onPress={() => say({ kind: 'cancelled', of: id }, t('table-cancelled', { table }))}
          />
        ) : null}
      </View>
    </View>
  );
});

/** A piece of a ticket: how far it is, and cooked again where it cannot be served. */
const PieceRow = ({ piece, ticket, shown, say }: Props & { readonly piece: TicketPiece }) => {
  const on = shown.on.get(piece.id);
  const where = on ? PLACE_WORDS[on.state.place] : '';
  const show = useShow();
  const between = on?.cook.plan.plan.inRange;
  const warm =
    between === undefined
      ? ''
      : t('between-and', {
          duration: formatDuration(between),
          degrees: show.degrees(5, 0),
          temperature: show.temperature(60, 0),
        });
  const again = piece.instead === undefined ? '' : t('cooked-again-3');
  const canRefire = piece.begun !== undefined && ticket.state !== 'cancelled';
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Text voice="small" tone="text-salt-200" className="flex-1">
        {`${describePiece(shown, piece.id)}${piece.note === undefined ? '' : ` (${piece.note})`}${where === '' ? '' : ` · ${where}`}${warm}${again}`}
      </Text>
      {canRefire ? (
        <Button
          kind="stovePlain"
          label={t('cook-again')}
          onPress={() =>
            say(
              {
                kind: 'refired',
                of: ticket.id,
                instead: piece.id,
                piece: { id: newId(), dish: piece.dish, doneness: piece.doneness },
              },
              t('cooked-again-4', { piece: describePiece(shown, piece.id) }),
            )
          }
        />
      ) : null}
    </View>
  );
};

const PLACE_WORDS = {
  before: '',
  pan: t('in-the-pan'),
  oven: t('in-the-oven'),
  board: t('waits'),
  rest: t('rests'),
  sliced: t('sliced-2'),
} as const;
