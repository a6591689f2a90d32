import { useState } from 'react';
import { Pressable, TextInput, View } from 'react-native';
import { type CookEvent } from '@crustan/core/cook/event';
import { PRESS_KINDS, type PressKind } from '@crustan/core/cook/press';
import { effectiveEvents } from '@crustan/core/cook/effectiveEvents';
import { kitchenNow } from '../../store/clock';
import { pressed } from '../../store/logSlice';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { EVENT_WORDS, describeEvent } from '../../words/eventWords';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';
import { fresh } from '../../store/freshEvent';
import { describeAction } from './stoveWords';
import { t } from './t';

/** A time is mended by these, s. */
const MENDS = [-60, -10, 10, 60] as const;
const MINUTES_AGO = [0, 1, 2, 5, 10] as const;
/** Newest events shown at once. */
const SHOWN = 12;

const signed = (seconds: number): string =>
  `${seconds > 0 ? '+' : '−'}${Math.abs(seconds) >= 60 ? t('min', { value: Math.abs(seconds) / 60 }) : t('s', { seconds: Math.abs(seconds) })}`;

/** Recorded steps: take back, change the time, add a forgotten one, leave one out. */
export const History = ({ live }: { readonly live: LiveCook }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const [open, setOpen] = useState<string>();
  const { cook, current, plan } = live;
  const press = (event: CookEvent): void => void dispatch(pressed({ cook: cook.id, event }));
  const effective = effectiveEvents(cook.events)
    .filter((event) => event.kind !== 'reading' || event.by === undefined || event.by === 'typed')
    .toReversed();
  const { kind } = current;
  return (
    <View className="gap-4">
      <View className="gap-1" role="list" aria-label={t('what-happened')}>
        {effective.slice(0, SHOWN).map((event) => (
          <View key={event.id} role="listitem" className="border-t border-iron-700 py-1">
            <Pressable
              role="button"
              aria-expanded={open === event.id}
              onPress={() => setOpen(open === event.id ? undefined : event.id)}
              className="min-h-touch flex-row items-center gap-3"
            >
              <Text voice="figure" tone="text-iron-400" className="w-[5rem]">
                {show.clockSeconds(event.at)}
              </Text>
              <Text tone="text-salt-50" className="flex-1">
                {describeEvent(event, show)}
              </Text>
            </Pressable>
            {open === event.id ? (
              <View className="flex-row flex-wrap gap-2 pb-2">
                {MENDS.map((by) => (
                  <Button
                    key={by}
                    kind="stovePlain"
                    label={signed(by)}
                    onPress={() =>
                      press({
                        ...fresh(),
                        kind: 'corrected',
                        of: event.id,
                        to: event.at + by * 1000,
                      })
                    }
                  />
                ))}
                <Button
                  kind="stovePlain"
                  label={t('take-it-back')}
                  onPress={() => press({ ...fresh(), kind: 'undo', of: event.id })}
                />
              </View>
            ) : null}
          </View>
        ))}
      </View>
      <Forgotten onAdd={press} />
      {kind === 'heat' || kind === 'judge' || kind === 'in' || kind === 'pull' ? null : (
        <Button
          kind="stovePlain"
          label={t('leave-out', { action: describeAction(current, plan, show) })}
          onPress={() => press({ ...fresh(), kind: 'skipped', step: kind })}
        />
      )}
      <Note onAdd={press} />
    </View>
  );
};

/** A press that was forgotten, some minutes ago. */
const Forgotten = ({ onAdd }: { readonly onAdd: (event: CookEvent) => void }) => {
  const [kind, setKind] = useState<PressKind>();
  return (
    <View className="gap-2">
      <Text voice="label" tone="text-salt-50">
        {t('add-one-you-forgot')}
      </Text>
      <Choice
        label={t('what-was-forgotten')}
        onIron
        value={kind}
        onChange={setKind}
        options={PRESS_KINDS.filter((one) => one !== 'started').map((value) => ({
          value,
          label: EVENT_WORDS[value].name.replace(/[“”]/g, ''),
        }))}
      />
      {kind === undefined ? null : (
        <View className="flex-row flex-wrap gap-2">
          {MINUTES_AGO.map((minutes) => (
            <Button
              key={minutes}
              kind="stovePlain"
              label={minutes === 0 ? t('just-now') : t('min-ago', { minutes })}
              onPress={() => {
                onAdd({ ...fresh(), kind, at: kitchenNow() - minutes * 60_000 });
                setKind(undefined);
              }}
            />
          ))}
        </View>
      )}
    </View>
  );
};

const Note = ({ onAdd }: { readonly onAdd: (event: CookEvent) => void }) => {
  const [text, setText] = useState('');
  const add = (): void => {
    if (text.trim() === '') return;
    onAdd({ ...fresh(), kind: 'note', text: text.trim().slice(0, 500) });
    setText('');
  };
  return (
    <View className="gap-2">
      <Text voice="label" tone="text-salt-50">
        {t('a-note-for-the-logbook')}
      </Text>
      <View className="flex-row gap-2">
        <TextInput
          aria-label={t('a-note')}
          maxLength={500}
          value={text}
          onChangeText={setText}
          onSubmitEditing={add}
          className="min-h-stove w-0 min-w-0 flex-1 rounded border border-iron-500 bg-iron-900 px-4 font-text text-16 text-salt-50"
        />
        <Button kind="stovePlain" label={t('note-it')} onPress={add} />
      </View>
    </View>
  );
};
