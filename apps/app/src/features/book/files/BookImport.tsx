import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import {
  describeFailure,
  useBookImportQuery,
  useStopImportMutation,
  useStoreImportMutation,
} from '../../../store/bookApi';
import { pageLocale } from '../../../store/locale';
import { Button } from '../../../ui/Button';
import { Text } from '../../../ui/Text';
import { GoingOn } from './GoingOn';
import { Refused } from './Refused';
import { sendBook, type Sending } from './sendBook';

/** Interval between requests for the server's progress, ms. */
const ASKED = 300;

const many = (count: number, one: string, more = `${one}s`): string =>
  `${count.toLocaleString(pageLocale())} ${count === 1 ? one : more}`;

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
    return <GoingOn label="Sending it" share={share} onStop={() => sending.current?.stop()} />;
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
  if (!state) return <Text tone="text-iron-500">Asking the server…</Text>;
  const found = [
    many(state.cooks, 'cook'),
    many(state.readings, 'reading'),
    many(state.plans, 'saved plan'),
    many(state.trials, 'trial'),
    // Entries that only a restaurant's book has, or the logbook of a cook who practised.
    ...(state.dishes > 0 ? [many(state.dishes, 'dish of the menu', 'dishes of the menu')] : []),
    ...(state.services > 0 ? [many(state.services, 'service')] : []),
    ...(state.demand > 0
      ? [many(state.demand, 'count of past orders', 'counts of past orders')]
      : []),
    ...(state.practice > 0 ? [many(state.practice, 'practised round')] : []),
  ].join(', ');
  return (
    <View className="gap-3" aria-live="polite">
      {going ? (
        <GoingOn
          label={`Reading it: ${found} so far`}
          share={state.progress}
          onStop={() => void stop(id)}
        />
      ) : null}
      {state.phase === 'refused' ? <Text role="alert">{state.refusal}</Text> : null}
      {state.phase === 'stopped' ? <Text>Stopped: nothing was added to the logbook.</Text> : null}
      {state.phase === 'ready' ? (
        <>
          <Text>
            {`It would add ${found}.${state.here > 0 ? ` ${many(state.here, 'cook')} of it ${state.here === 1 ? 'is' : 'are'} in the logbook already and stay as they are.` : ''}${state.back > 0 ? ` ${many(state.back, 'deleted cook')} of it ${state.back === 1 ? 'comes' : 'come'} back.` : ''}${state.kitchen ? ' Its kitchen takes this one’s place if it was changed later.' : ''}`}
          </Text>
          {state.truncated ? <Text>File cut off. Only complete entries are counted.</Text> : null}
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={storing.isLoading ? 'Importing…' : 'Import it'}
              disabled={storing.isLoading}
              onPress={() => void store(id)}
            />
            <Button kind="plain" label="Cancel" onPress={() => void stop(id)} />
          </View>
        </>
      ) : null}
      {state.phase === 'done' ? (
        <>
          <Text role="status">{`In the logbook: ${found}.`}</Text>
          <View className="items-start">
            <Button kind="plain" label="Another file" onPress={onOver} />
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
