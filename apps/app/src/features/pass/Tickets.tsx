import { memo, useDeferredValue, useState } from 'react';
import { ScrollView, View, useWindowDimensions } from 'react-native';
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
import { OrderForm } from './OrderForm';
import { RefusedEvents, type RefusedOrder } from './RefusedEvents';
import { TakeBack } from './TakeBack';
import { TicketRow } from './TicketRow';
import { TicketSheet } from './TicketSheet';
import type { PassNow } from './usePass';
import { useTicketsShown, type TicketsShown } from './useTicketsShown';
import type { Presses } from './usePressed';
import { t } from './t';

interface Props {
  readonly pass: PassNow;
  readonly presses: Presses;
}

const MINUTE = 60_000;
const NONE_REFUSED: readonly RefusedEvent[] = [];
/** States in the order of the list. */
const ORDER = { held: 0, open: 1, sent: 2, cancelled: 3 } as const;

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
  const shown = useTicketsShown(pass);
  const later = useDeferredValue(shown);
  return (
    <ScrollView className="min-h-0 flex-1" contentContainerClassName="gap-5 pb-6 pt-3">
      <TicketSheet shown={later} minute={Math.floor(pass.line.now / MINUTE)} />
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
            {pass.state.tickets.length === 0 ? t('no-orders-yet-2') : t('tables-2')}
          </Text>
          <TakeBack presses={presses} />
          <RefusedEvents refused={refused} onCorrect={setCorrecting} />
          <TicketList shown={later} say={presses.say} onChange={setChanging} />
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

interface ListProps {
  readonly shown: TicketsShown;
  readonly say: Presses['say'];
  readonly onChange: (id: string) => void;
}

/** Every ticket. It is drawn after the form, and in parts: sixty tables at once would hold the page up. */
const TicketList = memo(function TicketList({ shown, say, onChange }: ListProps) {
  const tickets = shown.state.tickets.toSorted(
    (a, b) => ORDER[a.state] - ORDER[b.state] || a.orderedAt - b.orderedAt,
  );
  return (
    <View role="list" aria-label={t('tickets')} className="gap-3">
      {tickets.map((ticket) => (
        <TicketRow key={ticket.id} ticket={ticket} shown={shown} say={say} onChange={onChange} />
      ))}
    </View>
  );
});
