import { View } from 'react-native';
import type { ServiceEvent } from '@crustan/core/pass/serviceEvent';
import { refusedDropped, streamTriedAgain } from '../../store/logSlice';
import type { RefusedEvent } from '../../store/passSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { t } from './t';

/** An order, new or changed, that the logbook refused. */
export interface RefusedOrder extends RefusedEvent {
  readonly event: Extract<ServiceEvent, { readonly order: object }>;
}

const isOrder = (refused: RefusedEvent): refused is RefusedOrder => 'order' in refused.event;

/** Events that the logbook refused. No other phone has them. Each is corrected, sent again or left out. */
export const RefusedEvents = ({
  refused,
  onCorrect,
}: {
  readonly refused: readonly RefusedEvent[];
  readonly onCorrect: (order: RefusedOrder) => void;
}) => {
  const dispatch = useAppDispatch();
  const service = useAppSelector((state) => state.pass.open);
  if (service === undefined) return null;
  return refused.map((one) => {
    const { event, why } = one;
    const what = isOrder(one)
      ? t('the-order-of-table', { table: one.event.order.table })
      : t('what-was-tapped');
    return (
      <View key={event.id} role="alert" className="gap-2 border-l-4 border-hazard pl-3">
        <Text voice="small" tone="text-salt-50">
          {t('is-not-in-the-logbook-and-no', { what, why })}
        </Text>
        <View className="flex-row flex-wrap gap-2">
          {isOrder(one) ? (
            <Button kind="stovePlain" label={t('correct-it')} onPress={() => onCorrect(one)} />
          ) : null}
          <Button
            kind="stovePlain"
            label={t('send-it-again')}
            onPress={() => dispatch(streamTriedAgain(service))}
          />
          <Button
            kind="stovePlain"
            label={t('leave-it-out')}
            onPress={() => dispatch(refusedDropped({ stream: service, entry: event.id }))}
          />
        </View>
      </View>
    );
  });
};
