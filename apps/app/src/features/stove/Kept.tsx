import type { ReactNode } from 'react';
import { View } from 'react-native';
import { waitingEvents, type ActiveCook } from '../../store/activeCook';
import { usePutBackMutation } from '../../store/bookApi';
import { streamTriedAgain } from '../../store/logSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { PutAway } from './PutAway';
import { t } from './t';

const presses = (count: number): string => t('presses', { count });

/** Storage of the steps: on this device at once, in the logbook when the server has acknowledged them. */
export const Kept = ({ cook }: { readonly cook: ActiveCook }) => {
  const { notKept, writing, delayed, unreadable } = useAppSelector((state) => state.log);
  const waiting = waitingEvents(cook);
  const refused = Object.values(cook.refused);
  const here = waiting.filter(({ id }) => notKept.includes(id)).length;
  const onTheWay = waiting.filter(({ id }) => writing.includes(id)).length;
  if (cook.gone) return <Gone cook={cook} />;
  if (cook.startRefused !== undefined) {
    return (
      <Trouble
        cook={cook}
        says={t('the-server-does-not-take-this-cook', { startRefused: cook.startRefused })}
      />
    );
  }
  return (
    <View className="gap-2">
      {here > 0 ? (
        <Text voice="small" tone="text-salt-50" role="alert" testID="not-kept">
          {t('not-saved-on-this-device-its-storage', { presses: presses(here) })}
        </Text>
      ) : null}
      {refused.length > 0 ? (
        <Trouble
          cook={cook}
          says={t('server-rejected-others-are-unaffected', {
            presses: presses(refused.length),
            refused: refused[0] ?? '',
          })}
        />
      ) : null}
      {unreadable.length > 0 ? (
        <Text voice="small" tone="text-salt-50" role="alert">
          {t('records-on-this-device-cannot-be-read', {
            unreadableCount: unreadable.length,
            where: unreadable[0]?.where ?? '',
            why: unreadable[0]?.why ?? '',
          })}
        </Text>
      ) : null}
      <Text voice="note" tone="text-iron-400" aria-live="polite" testID="kept">
        {waiting.length === 0
          ? refused.length === 0
            ? t('all-steps-saved')
            : t('every-other-press-is-in-the-logbook')
          : onTheWay > 0
            ? t('writing-to-this-device', { presses: presses(onTheWay) })
            : here === waiting.length
              ? t('will-go-to-the-logbook', { presses: presses(here) })
              : t('kept-on-this-device-and-will-go', {
                  presses: presses(waiting.length - here),
                  value: waiting.length - here,
                  part: delayed === undefined ? '' : ` ${delayed}`,
                })}
      </Text>
    </View>
  );
};

/** Steps that the server rejected, with possible actions. */
const Trouble = ({ cook, says }: { readonly cook: ActiveCook; readonly says: string }) => {
  const dispatch = useAppDispatch();
  return (
    <View className="gap-2" role="alert">
      <Text voice="small" tone="text-salt-50">
        {says}
      </Text>
      <Choices
        first={{ label: t('send-again'), onPress: () => dispatch(streamTriedAgain(cook.id)) }}
      >
        <PutAway cook={cook} />
      </Choices>
    </View>
  );
};

/** Deleted from the logbook while it was on: it can be put back, with what was pressed since. */
const Gone = ({ cook }: { readonly cook: ActiveCook }) => {
  const dispatch = useAppDispatch();
  const [putBack, putting] = usePutBackMutation();
  return (
    <View className="gap-2" role="alert">
      <Text voice="small" tone="text-salt-50">
        {putting.error
          ? t('it-could-not-be-put-back-the')
          : t('this-cook-was-deleted-from-the-logbook')}
      </Text>
      <Choices
        first={{
          label: t('put-it-back'),
          onPress: () => {
            putBack(cook.id)
              .unwrap()
              .then(
                () => dispatch(streamTriedAgain(cook.id)),
                // The mutation's own state shows that it failed.
                () => undefined,
              );
          },
        }}
      >
        <PutAway cook={cook} />
      </Choices>
    </View>
  );
};

/** Two ways on side by side, so that what is due stays in sight above them. */
const Choices = ({
  first,
  children,
}: {
  readonly first: { readonly label: string; readonly onPress: () => void };
  readonly children: ReactNode;
}) => (
  <View className="flex-row items-end gap-2">
    <View className="flex-1">
      <Button kind="stovePlain" {...first} />
    </View>
    <View className="flex-1">{children}</View>
  </View>
);
