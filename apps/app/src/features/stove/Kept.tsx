import { Pressable, View } from 'react-native';
import { cookPutAway, waitingEvents, type ActiveCook } from '../../store/stoveSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Text } from '../../ui/Text';

/** Where the presses are: on this device at once, in the book when the server has said so. */
export const Kept = ({ cook }: { readonly cook: ActiveCook }) => {
  const refused = useAppSelector((state) => state.stove.refused[cook.id]);
  const dispatch = useAppDispatch();
  const waiting = waitingEvents(cook).length;
  if (refused !== undefined) {
    return (
      <View className="gap-2" role="alert">
        <Text voice="small" tone="text-salt-50">
          {`The server refused this cook. ${refused} It is kept on this device only.`}
        </Text>
        <Pressable
          role="button"
          onPress={() => dispatch(cookPutAway(cook.id))}
          className="min-h-touch"
        >
          <Text voice="small" tone="text-flame-dark" className="underline">
            Put it away
          </Text>
        </Pressable>
      </View>
    );
  }
  return (
    <Text voice="note" tone="text-iron-400" aria-live="polite" testID="kept">
      {waiting === 0
        ? 'Every press is in the book.'
        : `${waiting} ${waiting === 1 ? 'press is' : 'presses are'} kept on this device and will go to the book.`}
    </Text>
  );
};
