import { useEffect, useRef, useState, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import type { CookEvent } from '@crustan/core/cook/event';
import { showsFirmness } from '@crustan/core/doneness/firmness';
import { readingSense } from '@crustan/core/estimate/readingSense';
import { cutOf } from '@crustan/core/plan/request';
import { unsentEvents } from '../../store/activeCook';
import { streamPutAway, pressed } from '../../store/logSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { wakeSound } from '../../ui/sound';
import { Button } from '../../ui/Button';
import { Keys, NEXT_KEYS, type Key } from '../../ui/Keys';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { textScale } from '../../ui/textScale';
import { WIDE } from '../../ui/wide';
import { useShow } from '../../words/useShow';
import { AheadOfTrouble } from './AheadOfTrouble';
import { AddReading } from './AddReading';
import { Countdown } from './Countdown';
import { DeviceLine } from './DeviceLine';
import { ForecastLines } from './ForecastLines';
import { LastReading } from './LastReading';
import type { LiveCook } from './liveCook';
import { More } from './More';
import { PanCaution } from './PanCaution';
import { PanSound } from './PanSound';
import { PutAway } from './PutAway';
import { fresh } from '../../store/freshEvent';
import { TakeBack } from './TakeBack';
import { Troubles } from './Troubles';
import { WarmUp } from './WarmUp';
import { WetHands } from './WetHands';
import { pressOf, describeAction, describeHappened, describeHow } from './stoveWords';
import { t } from './t';

type Panel = 'reading' | 'trouble' | 'more' | 'leave';
const PANELS: readonly (readonly [Panel, string])[] = [
  ['reading', t('add-a-reading')],
  ['trouble', t('trouble')],
  ['more', t('more')],
];

/**
 * Time for which the large button ignores presses after its meaning has changed, ms of the world's time: a bounced
 * thumb, or a press on another phone that came first, would confirm the next step too.
 */
const BOUNCE = 900;

/** Height in lines of ordinary text under which the buttons do not stay in place, px at the default size. */
const LOW = 380;

/** Position of the list of keys. */
const BESIDE = 'absolute bottom-0 left-[104%] w-[420px]';
const OVER = 'absolute inset-x-0 top-0 z-10';

/** One thing huge, the next under it, buttons that say what happened. */
export const NowAndNext = ({ live, only }: { readonly live: LiveCook; readonly only: boolean }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const now = useNow(5000);
  const [panel, setPanel] = useState<Panel>();
  const { cook, plan, state, current, next, forecast } = live;
  const { leftHanded, wetHands } = useAppSelector((all) => all.attention);
  const watches = useWatches();
  const { width, height } = useWindowDimensions();
  const wide = width >= WIDE;
  /** Too low for buttons that stay in place: everything scrolls together. */
  const low = height / textScale() < LOW;
  const press = (event: CookEvent): void => {
    wakeSound();
    dispatch(pressed({ cook: cook.id, event }));
  };
  const changedAt = useRef(0);
  useEffect(() => {
    changedAt.current = performance.now();
  }, [current.kind, current.turn, current.leg]);
  const happened = (): void => {
    const kind = pressOf(current);
    if (!kind || performance.now() - changedAt.current < BOUNCE) return;
    press({ ...fresh(), kind });
  };
  const words = describeAction(current, plan, show);
  const close = (): void => setPanel(undefined);
  const side = low ? 'flex-col' : leftHanded ? 'flex-row-reverse' : 'flex-row';

  const leave = (): void => {
    if (unsentEvents(cook).length > 0) setPanel('leave');
    else dispatch(streamPutAway({ stream: cook.id }));
  };

  const { lastPress } = state;
  const takeBack = (): void => {
    if (lastPress) press({ ...fresh(), kind: 'undo', of: lastPress.id });
  };
  const keys: readonly Key[] = [
    { keys: NEXT_KEYS, shown: 'N, Space, Page Down', says: t('it-is-done'), act: happened },
    { keys: ['r'], shown: 'R', says: t('add-a-reading'), act: () => setPanel('reading') },
    { keys: ['t'], shown: 'T', says: t('trouble'), act: () => setPanel('trouble') },
    { keys: ['m'], shown: 'M', says: t('more'), act: () => setPanel('more') },
    {
      keys: ['z'],
      shown: 'Z',
      says: t('take-back-the-last-press'),
      act: takeBack,
    },
  ];

  if (panel === 'leave') {
    return (
      <Scrolled>
        <PutAway cook={cook} />
        <Button kind="stovePlain" label={t('stay-with-it')} onPress={close} />
      </Scrolled>
    );
  }
  if (panel === 'more') {
    return (
      <Scrolled>
        <More live={live} onClose={close} />
      </Scrolled>
    );
  }
  if (panel === 'trouble') {
    return (
      <Scrolled>
        <Troubles live={live} onClose={close} />
      </Scrolled>
    );
  }
  if (wetHands && !watches && panel === undefined) {
    return (
      <>
        <WetHands
          live={live}
          only={only}
          onHappened={happened}
          onTakeBack={lastPress && takeBack}
          onReading={() => setPanel('reading')}
          onTrouble={() => setPanel('trouble')}
          onMore={() => setPanel('more')}
        />
        <Keys keys={keys} place={wide ? BESIDE : OVER} />
      </>
    );
  }
  const above = (
    <>
      <View>
        <Text voice="body" tone="text-iron-400">
          {only ? t('now') : t('now-2', { title: cook.plan.title })}
        </Text>
        <Text voice="action" tone="text-salt-50" heading={2} aria-live="assertive">
          {words}
        </Text>
      </View>
      <Countdown step={current} small={!only} />
      <DeviceLine live={live} />
      {state.place === 'before' ? <PanCaution /> : null}
      <ForecastLines live={live} />
      {watches ? null : <AheadOfTrouble live={live} now={now} />}
      {watches ? null : <WarmUp live={live} press={press} />}
      {next && next.kind !== 'judge' ? (
        <View className="flex-row flex-wrap items-baseline gap-x-3 border-t border-iron-700 pt-3">
          <Text tone="text-iron-400">{t('next')}</Text>
          <Text voice="bigFigure" tone="text-salt-50" className="min-w-[7rem] flex-1">
            {describeAction(next, plan, show)}
          </Text>
          <Text voice="figure" tone="text-iron-400">
            {show.clockSeconds(next.dueAt)}
          </Text>
        </View>
      ) : null}
      <Text tone="text-salt-200">{describeHow(current, plan, show)}</Text>
      <LastReading state={state} />
      {watches ? null : <PanSound live={live} />}
    </>
  );
  const buttons = watches ? null : (
    <View className="gap-3 border-t border-iron-700 pt-3">
      {panel === 'reading' ? (
        <AddReading
          onClose={close}
          senseOf={(celsius) =>
            forecast ? readingSense(celsius, forecast.core) : { kind: 'plausible' }
          }
          onFelt={
            showsFirmness(cutOf(plan.request))
              ? (firmness) => {
                  press({ ...fresh(), kind: 'felt', firmness });
                  close();
                }
              : undefined
          }
          expected={forecast?.core}
          onRead={(celsius, lowest) => {
            press({ ...fresh(), kind: 'reading', celsius, ...(lowest ? { lowest } : {}) });
            close();
          }}
        />
      ) : (
        <>
          <View className={`${side} gap-2`}>
            {PANELS.map(([name, label]) => (
              <View key={name} className="flex-1">
                <Button kind="stovePlain" label={label} onPress={() => setPanel(name)} />
              </View>
            ))}
          </View>
          <Button
            kind="stove"
            label={describeHappened(current, plan, show)}
            onPress={happened}
            testID="happened"
          />
          <View className={`${side} gap-2`}>
            <TakeBack state={state} press={press} fresh={fresh} />
            <Extra live={live} press={press} onLeave={leave} />
          </View>
        </>
      )}
    </View>
  );
  return (
    <>
      <Scrolled>
        {above}
        {low ? buttons : null}
      </Scrolled>
      {/* Beside the piece on a wide screen, over it on a narrow one: nothing is pushed from under the thumb. */}
      {watches ? null : <Keys keys={keys} place={wide ? BESIDE : OVER} />}
      {low ? null : buttons}
    </>
  );
};

/** Content that scrolls between the pieces above and the buttons below, which stay in place. */
const Scrolled = ({ children }: { readonly children: ReactNode }) => (
  <ScrollView className="min-h-0 flex-1" contentContainerClassName="gap-4 pb-2" tabIndex={0}>
    {children}
  </ScrollView>
);

interface ExtraProps {
  readonly live: LiveCook;
  readonly press: (event: CookEvent) => void;
  readonly onLeave: () => void;
}

/** The other thing that may have happened instead. */
const Extra = ({ live: { state, current }, press, onLeave }: ExtraProps) => {
  const one =
    state.place === 'before'
      ? { label: t('leave-this-cook'), onPress: onLeave }
      : current.kind === 'turn'
        ? {
            label: t('it-is-out-already'),
            onPress: () => press({ ...fresh(), kind: 'pulled' }),
          }
        : current.kind === 'pull'
          ? { label: t('turned-again'), onPress: () => press({ ...fresh(), kind: 'turned' }) }
          : state.place === 'rest' && state.coveredAt === undefined
            ? { label: t('i-covered-it'), onPress: () => press({ ...fresh(), kind: 'covered' }) }
            : undefined;
  return one ? (
    <View className="flex-1">
      <Button kind="stovePlain" {...one} />
    </View>
  ) : null;
};
