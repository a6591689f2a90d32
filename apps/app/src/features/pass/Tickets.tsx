import { useState } from 'react';
import { ScrollView, View, useWindowDimensions } from 'react-native';
import { avoidedBy } from '@crustan/core/pass/orderAllergens';
import type { Ticket, TicketPiece } from '@crustan/core/pass/serviceTickets';
import { formatDuration } from '@crustan/core/units';
import { newId } from '../../store/newId';
import {
  selectBasis,
  selectOpenService,
  serviceLeft,
  type RefusedEvent,
} from '../../store/passSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { WIDE } from '../../ui/wide';
import { describeAvoided } from '../../words/allergenWords';
import { useShow } from '../../words/useShow';
import { placedIn } from './placedIn';
import { AllergyCaution } from './AllergyCaution';
import { OrderForm } from './OrderForm';
import { RefusedEvents, type RefusedOrder } from './RefusedEvents';
import { describePiece } from './passWords';
import { TakeBack } from './TakeBack';
import { TicketSheet } from './TicketSheet';
import type { PassNow } from './usePass';
import type { Presses } from './usePressed';
import { t } from './t';

interface Props {
  readonly pass: PassNow;
  readonly presses: Presses;
}

const NONE_REFUSED: readonly RefusedEvent[] = [];
const STATE_WORDS = {
  held: t('held'),
  open: t('open'),
  sent: t('sent-4'),
  cancelled: t('cancelled-2'),
} as const;

/** New orders, and every ticket with its actions. */
export const Tickets = ({ pass, presses }: Props) => {
  const dispatch = useAppDispatch();
  const wide = useWindowDimensions().width >= WIDE;
  const waiting = useAppSelector((state) => selectBasis(state).unsent);
  const refused = useAppSelector((state) => selectOpenService(state)?.refused ?? NONE_REFUSED);
  const [changing, setChanging] = useState<string>();
  const [correcting, setCorrecting] = useState<RefusedOrder>();
  const leave = (): void => {
    setChanging(undefined);
    setCorrecting(undefined);
  };
  const order = { held: 0, open: 1, sent: 2, cancelled: 3 } as const;
  const tickets = pass.state.tickets.toSorted(
    (a, b) => order[a.state] - order[b.state] || a.orderedAt - b.orderedAt,
  );
  return (
    <ScrollView className="min-h-0 flex-1" contentContainerClassName="gap-5 pb-6 pt-3">
      <TicketSheet pass={pass} />
      <Text voice="strong" tone="text-salt-50" heading={1} className="sr-only">
        {t('tickets')}
      </Text>
      <View className={`no-print ${wide ? 'flex-row gap-8' : 'gap-6'}`}>
        <View className={wide ? 'flex-1' : ''}>
          <OrderForm
            key={correcting?.event.id ?? changing ?? 'new'}
            pass={pass}
            presses={presses}
            ticket={pass.state.tickets.find(({ id }) => id === changing)}
            refused={correcting}
            onDone={leave}
          />
        </View>
        <View className={`gap-3 ${wide ? 'flex-1' : ''}`}>
          <Text voice="head" tone="text-salt-50" heading={2}>
            {tickets.length === 0 ? t('no-orders-yet-2') : t('tables-2')}
          </Text>
          <TakeBack presses={presses} />
          <RefusedEvents refused={refused} onCorrect={setCorrecting} />
          <View role="list" aria-label={t('tickets')} className="gap-3">
            {tickets.map((ticket) => (
              <TicketRow
                key={ticket.id}
                ticket={ticket}
                pass={pass}
                presses={presses}
                onChange={() => setChanging(ticket.id)}
              />
            ))}
          </View>
          <Text voice="small" tone="text-iron-400" testID="service-kept">
            {waiting > 0
              ? t('of-your-entries-wait-to-be-sent', { waiting })
              : refused.length > 0
                ? t('all-other-entries-saved')
                : t('all-entries-saved')}
          </Text>
          <Button kind="stovePlain" label={t('print-the-tickets')} onPress={() => window.print()} />
          <Button
            kind="stovePlain"
            label={t('close-the-service')}
            disabled={waiting + refused.length > 0}
            onPress={() => dispatch(serviceLeft())}
          />
        </View>
      </View>
    </ScrollView>
  );
};

interface RowProps extends Props {
  readonly ticket: Ticket;
  readonly onChange: () => void;
}

const TicketRow = ({ ticket, pass, presses, onChange }: RowProps) => {
  const show = useShow();
  const { id, table, state, pieces, wanted, sentAt, allergy, note } = ticket;
  const avoided = describeAvoided(avoidedBy(ticket), allergy);
  const scheduled = placedIn(pass.schedule).tickets.get(id);
  const when =
    state === 'sent' && sentAt !== undefined
      ? t('sent-2', { clock: show.clock(sentAt) })
      : state === 'open' && scheduled
        ? t('ready-2', { clock: show.clock(pass.momentOf(scheduled.landsAt)) })
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
        <View className="self-start rounded bg-hazard px-2">
          <Text voice="label">{avoided}</Text>
        </View>
      )}
      <AllergyCaution ticket={ticket} pass={pass} />
      {note === undefined ? null : (
        <Text voice="small" tone="text-salt-200">
          {note}
        </Text>
      )}
      {pieces.map((piece) => (
        <PieceRow key={piece.id} piece={piece} ticket={ticket} pass={pass} presses={presses} />
      ))}
      <View className="flex-row flex-wrap gap-2">
        {state === 'held' ? (
          <Button
            kind="stovePlain"
            label={t('fire-table', { table })}
            onPress={() => presses.say({ kind: 'fired', of: id }, t('table-fired', { table }))}
          />
        ) : null}
        {state === 'open' && !begun ? (
          <Button
            kind="stovePlain"
            label={t('hold')}
            onPress={() => presses.say({ kind: 'held', of: id }, t('table-held', { table }))}
          />
        ) : null}
        {state === 'open' || state === 'held' ? (
          <Button kind="stovePlain" label={t('change')} onPress={onChange} />
        ) : null}
        {state === 'open' || state === 'held' ? (
          <Button
            kind="stovePlain"
            label={t('cancel')}
            onPress={() =>
              presses.say({ kind: 'cancelled', of: id }, t('table-cancelled', { table }))
            }
          />
        ) : null}
      </View>
    </View>
  );
};

/** A piece of a ticket: how far it is, and cooked again where it cannot be served. */
const PieceRow = ({
  piece,
  ticket,
  pass,
  presses,
}: Props & { readonly piece: TicketPiece; readonly ticket: Ticket }) => {
  const on = pass.on.get(piece.id);
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
        {`${describePiece(pass, piece.id)}${piece.note === undefined ? '' : ` (${piece.note})`}${where === '' ? '' : ` · ${where}`}${warm}${again}`}
      </Text>
      {canRefire ? (
        <Button
          kind="stovePlain"
          label={t('cook-again')}
          onPress={() =>
            presses.say(
              {
                kind: 'refired',
                of: ticket.id,
                instead: piece.id,
                piece: { id: newId(), dish: piece.dish, doneness: piece.doneness },
              },
              t('cooked-again-4', { piece: describePiece(pass, piece.id) }),
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
