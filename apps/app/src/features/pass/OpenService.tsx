import { View } from 'react-native';
import type { ServiceRecord } from '@crustan/core/formats/serviceSchema';
import { describeFailure } from '../../store/bookApi';
import { useServicesQuery } from '../../store/passApi';
import { useDishes } from '../../store/useDishes';
import { kitchenNow } from '../../store/clock';
import { serviceOpened } from '../../store/logSlice';
import { newId } from '../../store/newId';
import { useAppDispatch } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Duration of a service that is not closed, ms. */
const LASTS = 5 * 3600_000;
/** Earlier services that are offered. */
const OFFERED = 4;

/** Page without an open service: open one, or continue one from the logbook. */
export const OpenService = ({ onMenu }: { readonly onMenu: () => void }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const watches = useWatches();
  const { dishes } = useDishes();
  const { data: services = [], error } = useServicesQuery();
  const open = (): void => {
    const opensAt = Math.round(kitchenNow());
    dispatch(
      serviceOpened({
        service: {
          id: newId(),
          name: show.day(opensAt),
          opensAt,
          closesAt: opensAt + LASTS,
          dishes: dishes.map(({ id }) => id),
        },
      }),
    );
  };
  /** Its events and its pieces arrive with the stream of the log. */
  const takeUp = (service: ServiceRecord): void => {
    dispatch(serviceOpened({ service, inBook: true }));
  };
  const now = kitchenNow();
  const going = services.filter(({ closesAt }) => closesAt > now).slice(0, OFFERED);
  return (
    <View className="max-w-[640px] gap-4 py-4">
      <Text voice="strong" tone="text-salt-50" heading={1}>
        {t('no-service-is-open')}
      </Text>
      <Text tone="text-salt-200">{t('enter-orders-for-one-table-or-a')}</Text>
      {watches ? null : dishes.length === 0 ? (
        <>
          <Text tone="text-salt-200">{t('first-put-a-dish-on-the-menu')}</Text>
          <Button kind="stovePlain" label={t('to-the-menu')} onPress={onMenu} />
        </>
      ) : (
        <Button kind="stove" label={t('open-a-service')} onPress={open} />
      )}
      {going.length === 0 ? null : (
        <View className="gap-2">
          <Text voice="head" tone="text-salt-50" heading={2}>
            {watches ? t('services-under-way') : t('or-continue-one-under-way')}
          </Text>
          {going.map((service) => (
            <Button
              key={service.id}
              kind="stovePlain"
              label={
                watches ? t('watch', { name: service.name }) : t('continue', { name: service.name })
              }
              onPress={() => takeUp(service)}
            />
          ))}
        </View>
      )}
      {error ? (
        <Text voice="small" tone="text-salt-200" role="alert">
          {describeFailure(error)}
        </Text>
      ) : null}
    </View>
  );
};
