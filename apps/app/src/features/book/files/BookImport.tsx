import { formatList } from '@crustan/messages';
import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import {
  describeFailure,
  useBookImportQuery,
  useStopImportMutation,
  useStoreImportMutation,
} from '../../../store/bookApi';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { GoingOn } from './GoingOn';
import { Refused } from './Refused';
import { sendBook, type Sending } from './sendBook';
import { t } from '../t';

/** Interval between requests for the server's progress, ms. */
const ASKED = 300;

/** Import of a logbook file: sent, read, summarized, stored or not. */
export const BookImport = ({
  file,
  onOver,
}: {
  readonly file: Blob;
  readonly onOver: () => void;
}) => {
  const [share, setShare] = useState(0);
  const [id, setId] = useState<string>();
  const [failed, setFailed] = useState<string>();
  const sending = useRef<Sending>(undefined);
  useEffect(() => {
    const sent = sendBook(file, setShare);
    sending.current = sent;
    sent.done.then(
      (state) => setId(state.id),
      (error: unknown) => setFailed(error instanceof Error ? error.message : String(error)),
    );
    return () => sent.stop();
  }, [file]);
  if (failed !== undefined) return <Text role="alert">{failed}</Text>;
  if (id === undefined) {
    return <GoingOn label={t('sending-it')} share={share} onStop={() => sending.current?.stop()} />;
  }
  return <Reading id={id} onOver={onOver} />;
};

const Reading = ({ id, onOver }: { readonly id: string; readonly onOver: () => void }) => {
  const [watching, setWatching] = useState(true);
  const { data, error } = useBookImportQuery(id, {
    pollingInterval: watching ? ASKED : 0,
    refetchOnMountOrArgChange: true,
  });
  const [store, storing] = useStoreImportMutation();
  const [stop, stopping] = useStopImportMutation();
  const state = storing.data ?? stopping.data ?? data;
  const going = state?.phase === 'receiving' || state?.phase === 'checking';
  if (state && watching && !going) setWatching(false);
  if (error && !state) return <Text role="alert">{describeFailure(error)}</Text>;
  if (!state) return <Text tone="text-iron-500">{t('asking-the-server')}</Text>;
  const found = formatList([
    t('count-cooks', { count: state.cooks }),
    t('count-readings', { count: state.readings }),
    t('count-saved-plans', { count: state.plans }),
    t('count-trials', { count: state.trials }),
    // Entries that only a restaurant's book has, or the logbook of a cook who practised.
    ...(state.dishes > 0 ? [t('count-dishes', { count: state.dishes })] : []),
    ...(state.services > 0 ? [t('count-services', { count: state.services })] : []),
    ...(state.demand > 0 ? [t('count-past-orders', { count: state.demand })] : []),
    ...(state.practice > 0 ? [t('count-rounds', { count: state.practice })] : []),
  ]);
  return (
    <View className="gap-3" aria-live="polite">
      {going ? (
        <GoingOn
          label={t('reading-it-so-far', { found })}
          share={state.progress}
          onStop={() => void stop(id)}
        />
      ) : null}
      {state.phase === 'refused' ? <Text role="alert">{state.refusal}</Text> : null}
      {state.phase === 'stopped' ? (
        <Text>{t('stopped-nothing-was-added-to-the-logbook')}</Text>
      ) : null}
      {state.phase === 'ready' ? (
        <>
          <Text>
            {t('it-would-add', {
              found,
              part:
                state.here > 0
                  ? t('of-it-in-the-logbook-already-and', {
                      many: t('count-cooks', { count: state.here }),
                      here: state.here,
                    })
                  : '',
              part2:
                state.back > 0
                  ? t('of-it-back', {
                      many: t('count-deleted-cooks', { count: state.back }),
                      back: state.back,
                    })
                  : '',
              part3: state.kitchen ? t('its-kitchen-takes-this-ones-place-if') : '',
            })}
          </Text>
          {state.truncated ? <Text>{t('file-cut-off-only-complete-entries-are')}</Text> : null}
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={storing.isLoading ? t('importing') : t('import-it')}
              disabled={storing.isLoading}
              onPress={() => void store(id)}
            />
            <Button kind="plain" label={t('cancel')} onPress={() => void stop(id)} />
          </View>
        </>
      ) : null}
      {state.phase === 'done' ? (
        <>
          <Text role="status">{t('in-the-logbook', { found })}</Text>
          <View className="items-start">
            <Button kind="plain" label={t('another-file')} onPress={onOver} />
          </View>
        </>
      ) : null}
      <Refused
        all={state.problems.map(({ where, why }) => `${where}: ${why}`)}
        count={state.problemCount}
      />
      {storing.error ? <Text role="alert">{describeFailure(storing.error)}</Text> : null}
    </View>
  );
};
