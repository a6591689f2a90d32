import { memo, useDeferredValue, useMemo } from 'react';
import { ScrollView, View, useWindowDimensions } from 'react-native';
import { assignTasks, STATIONS, type Task } from '@crustan/core/pass/task';
import { tasksOf } from './tasksOf';
import { stationChosen } from '../../store/passSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Keys, NEXT_KEYS } from '../../ui/Keys';
import { Text } from '../../ui/Text';
import { WIDE } from '../../ui/wide';
import { formatDue } from '../../words/formatDue';
import { useShow } from '../../words/useShow';
import { GearStrip } from './GearStrip';
import { ClockLanes } from './ClockLanes';
import { LateTables } from './LateTables';
import { ProbeAdvice } from './ProbeAdvice';
import { describeDone, describeTask } from './passWords';
import { SharedPanCautions } from './SharedPanCautions';
import { TakeBack } from './TakeBack';
import type { PassNow } from './usePass';
import { canBeDone, type Presses } from './usePressed';
import { t } from './t';

interface Props {
  readonly pass: PassNow;
  readonly presses: Presses;
}

const STATION_WORDS = {
  all: t('everything'),
  stove: t('stove'),
  oven: t('oven'),
  plates: t('plates'),
} as const;

/** Things behind the next one that are shown. */
const BEHIND = 3;

/** The next thing for each pair of hands, and the service along the clock. */
export const Board = ({ pass, presses }: Props) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const watches = useWatches();
  const station = useAppSelector((state) => state.pass.station);
  const hands = useAppSelector((state) => state.kitchen.hands);
  const wide = useWindowDimensions().width >= WIDE;
  const things = tasksOf(pass).filter((thing) => station === 'all' || thing.station === station);
  const dealt = assignTasks(things, station === 'all' ? hands : 1);
  const later = useDeferredValue(useMemo(() => ({ pass, presses }), [pass, presses]));
  const waiting = pass.state.tickets.filter(({ state }) => state === 'open' || state === 'held');
  return (
    <ScrollView className="min-h-0 flex-1" contentContainerClassName="gap-4 pb-6 pt-3">
      <Text voice="strong" tone="text-salt-50" heading={1} className="sr-only">
        {t('board')}
      </Text>
      <Choice
        label={t('what-this-screen-shows')}
        onIron
        options={(['all', ...STATIONS] as const).map((value) => ({
          value,
          label: STATION_WORDS[value],
        }))}
        value={station}
        onChange={(chosen) => dispatch(stationChosen(chosen))}
      />
      <View className={wide ? 'flex-row gap-10' : 'gap-5'}>
        <View className={`gap-4 ${wide ? 'w-[46%]' : ''}`}>
          {dealt.map((mine, i) => (
            <Hand
              // Persons have no names.
              key={i}
              name={dealt.length > 1 ? t('person', { value: i + 1 }) : undefined}
              things={mine}
              pass={pass}
              presses={presses}
              nothing={waiting.length === 0 ? t('no-orders-yet') : t('nothing-to-do-yet')}
            />
          ))}
          {watches ? null : (
            <>
              <TakeBack presses={presses} />
              <Keys
                keys={[
                  {
                    keys: NEXT_KEYS,
                    shown: 'N, Space, Page Down',
                    says: t('the-first-thing-is-done'),
                    act: () => {
                      const [first] = things;
                      if (first) presses.done(first, describeDone(describeTask(first, pass, show)));
                    },
                  },
                  { keys: ['z'], shown: 'Z', says: t('take-it-back'), act: presses.takeBack },
                ]}
              />
            </>
          )}
        </View>
        <View className={`gap-4 ${wide ? 'flex-1' : ''}`}>
          <Overview {...later} />
        </View>
      </View>
    </ScrollView>
  );
};

/**
 * The whole service beside the next tasks. It is drawn after them, and in parts: sixty tables at once would hold the page
 * up.
 */
const Overview = memo(function Overview({ pass, presses }: Props) {
  const watches = useWatches();
  return (
    <>
      <SharedPanCautions pass={pass} />
      <LateTables pass={pass} presses={presses} />
      {watches ? null : <ProbeAdvice pass={pass} />}
      <ClockLanes pass={pass} />
      <GearStrip pass={pass} presses={presses} />
    </>
  );
});

interface HandProps extends Props {
  readonly name: string | undefined;
  readonly things: readonly Task[];
  readonly nothing: string;
}

/** One pair of hands: its next thing huge, the few after it. */
const Hand = ({ name, things, pass, presses, nothing }: HandProps) => {
  const show = useShow();
  const watches = useWatches();
  const now = (pass.line.now - pass.line.epoch) / 1000;
  const [next, ...after] = things;
  if (!next) {
    return (
      <View className="gap-1">
        {name === undefined ? null : <HandName name={name} />}
        <Text voice="bigFigure" tone="text-iron-400">
          {nothing}
        </Text>
      </View>
    );
  }
  const words = describeTask(next, pass, show);
  const due = formatDue(next.due - now);
  return (
    <View className="gap-2">
      {name === undefined ? null : <HandName name={name} />}
      <View aria-live="polite" className="gap-1">
        <Text voice="action" tone="text-salt-50" heading={2}>
          {words.does}
        </Text>
        <Text voice="bigFigure" tone="text-salt-200">
          {words.of}
        </Text>
      </View>
      <Due {...due} />
      {watches ? null : (
        <Button
          kind="stove"
          label={words.happened}
          disabled={!canBeDone(next, pass)}
          onPress={() => presses.done(next, describeDone(words))}
          testID="happened"
        />
      )}
      <View role="list" aria-label={t('after-that')} className="gap-1">
        {after.slice(0, BEHIND).map((thing, i) => {
          const says = describeTask(thing, pass, show);
          return (
            <View key={i} role="listitem" className="flex-row justify-between gap-3">
              <Text voice="small" tone="text-salt-200" className="flex-1">
                {`${says.does} · ${says.of}`}
              </Text>
              <Text voice="figure" tone="text-iron-400" style={{ fontVariant: ['tabular-nums'] }}>
                {formatDue(thing.due - now).words}
              </Text>
            </View>
          );
        })}
      </View>
    </View>
  );
};

const HandName = ({ name }: { readonly name: string }) => (
  <Text voice="label" tone="text-iron-400">
    {name}
  </Text>
);

/** Due time; a late one is on the hazard colour, so that a glance finds it. */
const Due = ({ words, late }: { readonly words: string; readonly late: boolean }) => (
  <View className={`self-start rounded ${late ? 'bg-hazard px-3' : ''}`}>
    <Text
      voice="action"
      tone={late ? 'text-iron-950' : 'text-flame-dark'}
      style={{ fontVariant: ['tabular-nums'] }}
      testID="due"
    >
      {words}
    </Text>
  </View>
);
