import type { ReactNode } from 'react';
import { View } from 'react-native';
import { waitingEvents, type ActiveCook } from '../../store/activeCook';
import { usePutBackMutation } from '../../store/bookApi';
import { streamTriedAgain } from '../../store/logSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { PutAway } from './PutAway';

const presses = (count: number): string => `${count} ${count === 1 ? 'press' : 'presses'}`;

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
        says={`The server does not take this cook. ${cook.startRefused} It is on this device only.`}
      />
    );
  }
  return (
    <View className="gap-2">
      {here > 0 ? (
        <Text voice="small" tone="text-salt-50" role="alert" testID="not-kept">
          {`${presses(here)} not saved on this device: its storage is full or blocked. Keep this page open until they are in the logbook.`}
        </Text>
      ) : null}
      {refused.length > 0 ? (
        <Trouble
          cook={cook}
          says={`Server rejected ${presses(refused.length)}: ${refused[0] ?? ''}. Others are unaffected.`}
        />
      ) : null}
      {unreadable.length > 0 ? (
        <Text voice="small" tone="text-salt-50" role="alert">
          {`${unreadable.length} records on this device cannot be read (${unreadable[0]?.where ?? ''}: ${unreadable[0]?.why ?? ''}). They are left unchanged.`}
        </Text>
      ) : null}
      <Text voice="note" tone="text-iron-400" aria-live="polite" testID="kept">
        {waiting.length === 0
          ? refused.length === 0
            ? 'All steps saved.'
            : 'Every other press is in the logbook.'
          : onTheWay > 0
            ? `Writing ${presses(onTheWay)} to this device…`
            : here === waiting.length
              ? `${presses(here)} will go to the logbook.`
              : `${presses(waiting.length - here)} ${waiting.length - here === 1 ? 'is' : 'are'} kept on this device and will go to the logbook.${delayed === undefined ? '' : ` ${delayed}`}`}
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
      <Choices first={{ label: 'Send again', onPress: () => dispatch(streamTriedAgain(cook.id)) }}>
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
          ? 'It could not be put back: the logbook no longer has it. Save its presses, then put it away.'
          : 'This cook was deleted from the logbook. What you press stays on this device.'}
      </Text>
      <Choices
        first={{
          label: 'Put it back',
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
