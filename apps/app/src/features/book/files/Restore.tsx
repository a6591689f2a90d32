import { useState } from 'react';
import { View } from 'react-native';
import { bookApi, WHOLE_BOOK } from '../../../store/bookApi';
import { useAppDispatch } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { z } from 'zod';
import { API } from '../../../store/apiAddress';

const answerSchema = z.union([
  z.object({
    cooks: z.number(),
    before: z.string(),
    leftOut: z.array(z.object({ where: z.string(), why: z.string() })),
    leftOutCount: z.number(),
  }),
  z.object({ detail: z.string() }),
]);

type State =
  { readonly kind: 'asked' | 'going' } | { readonly kind: 'said'; readonly says: string };

/** A backup in place of the logbook: what that means first, then on a press. */
export const Restore = ({ file }: { readonly file: Blob }) => {
  const dispatch = useAppDispatch();
  const [state, setState] = useState<State>({ kind: 'asked' });
  const restore = async (): Promise<void> => {
    setState({ kind: 'going' });
    const say = (says: string): void => setState({ kind: 'said', says });
    try {
      const answer = await fetch(`${API}/book/backup`, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/vnd.sqlite3' },
        body: file,
      });
      const said = answerSchema.parse(await answer.json());
      if ('detail' in said) {
        say(`Nothing was changed. ${said.detail}`);
        return;
      }
      const [first] = said.leftOut;
      const left =
        first === undefined
          ? ''
          : ` ${said.leftOutCount} of its rows could not be read and were left out, the first: ${first.where}, ${first.why}.`;
      say(
        `Restored: a logbook of ${said.cooks} cooks.${left} The former logbook is beside it in the data folder as ${said.before}.`,
      );
      dispatch(bookApi.util.invalidateTags([...WHOLE_BOOK]));
    } catch {
      say('Cannot reach the server. Check that it runs, then reload.');
    }
  };
  return (
    <View className="gap-3">
      <Text>
        {`A backup of a whole logbook, ${Math.max(1, Math.round(file.size / 1e6))} MB. It would replace the present logbook, which is kept beside it.`}
      </Text>
      {state.kind === 'said' ? (
        <Text role="status">{state.says}</Text>
      ) : (
        <View className="items-start">
          <Button
            label={state.kind === 'going' ? 'Restoring…' : 'Put the backup in its place'}
            disabled={state.kind === 'going'}
            onPress={() => void restore()}
          />
        </View>
      )}
    </View>
  );
};
