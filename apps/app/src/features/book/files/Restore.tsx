import { useState } from 'react';
import { currentLanguage } from '@crustan/messages';
import { View } from 'react-native';
import { bookApi, WHOLE_BOOK } from '../../../store/bookApi';
import { useAppDispatch } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { z } from 'zod';
import { API } from '../../../store/apiAddress';
import { t } from '../t';

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
        headers: {
          'Content-Type': 'application/vnd.sqlite3',
          'Accept-Language': currentLanguage(),
        },
        body: file,
      });
      const said = answerSchema.parse(await answer.json());
      if ('detail' in said) {
        say(t('nothing-was-changed', { detail: said.detail }));
        return;
      }
      const [first] = said.leftOut;
      const left =
        first === undefined
          ? ''
          : t('of-its-rows-could-not-be-read', {
              leftOutCount: said.leftOutCount,
              where: first.where,
              why: first.why,
            });
      say(
        t('restored-a-logbook-of-cooks-the-former', {
          cooks: said.cooks,
          left,
          before: said.before,
        }),
      );
      dispatch(bookApi.util.invalidateTags([...WHOLE_BOOK]));
    } catch {
      say(t('cannot-reach-the-server-check-that-it'));
    }
  };
  return (
    <View className="gap-3">
      <Text>
        {t('a-backup-of-a-whole-logbook-mb', { value: Math.max(1, Math.round(file.size / 1e6)) })}
      </Text>
      {state.kind === 'said' ? (
        <Text role="status">{state.says}</Text>
      ) : (
        <View className="items-start">
          <Button
            label={state.kind === 'going' ? t('restoring') : t('put-the-backup-in-its-place')}
            disabled={state.kind === 'going'}
            onPress={() => void restore()}
          />
        </View>
      )}
    </View>
  );
};
