import { selectStoveCooks } from '../../store/passSlice';
import { useEffect } from 'react';
import { ScrollView, View, useWindowDimensions } from 'react-native';
import { Link } from 'expo-router';
import { deviceClockOff, resetClock, useClockJump, useClockSpeed } from '../../store/clock';
import { useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { WIDE } from '../../ui/wide';
import { Text } from '../../ui/Text';
import { useAwake } from '../../ui/useAwake';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { AddPiece } from './AddPiece';
import { Finished } from './Finished';
import { Kept } from './Kept';
import { Lanes } from './Lanes';
import type { LiveCook } from './liveCook';
import { LiveCurve } from './LiveCurve';
import { NowAndNext } from './NowAndNext';
import { SilentDevices } from './SilentDevices';
import { StepsLeft } from './StepsLeft';
import { UnderWay } from './UnderWay';
import { useStove } from './useStove';
import { useStoveCalls } from './useStoveCalls';
import { t } from './t';

/** The cook is live: one thing huge, the next under it, buttons that say what happened. */
export const StoveScreen = () => {
  const on = useAppSelector((state) => selectStoveCooks(state).length > 0);
  const recalled = useAppSelector((state) => state.log.recalled);
  // Cooks are read from the device first: the empty stove is shown only once it is known to be empty.
  if (!on && !recalled) return <View className="on-iron flex-1 bg-iron-950" />;
  if (!on) {
    return (
      <ScrollView className="on-iron flex-1 bg-iron-950" contentContainerClassName="flex-grow">
        <View className="w-full max-w-[640px] flex-1 self-center px-4 pb-4 pt-4">
          <NothingOn />
        </View>
      </ScrollView>
    );
  }
  return (
    <View className="on-iron min-h-0 flex-1 bg-iron-950">
      <View className="min-h-0 w-full max-w-[1120px] flex-1 self-center px-4 pb-2 pt-4">
        <Live />
      </View>
    </View>
  );
};

const NothingOn = () => {
  const watches = useWatches();
  // Nothing runs in a faster time any more.
  useEffect(resetClock, []);
  return (
    <View className="gap-5">
      <Text voice="strong" tone="text-salt-50" heading={1}>
        {t('stove')}
      </Text>
      <Text tone="text-salt-50">
        {watches
          ? t('what-is-under-way-stands-here-tap')
          : t('nothing-is-cooking-make-and-start-a')}
      </Text>
      {watches ? null : (
        <Link href="/" className="min-h-touch pt-3">
          <Text tone="text-flame-dark" className="underline">
            {t('go-to-plan')}
          </Text>
        </Link>
      )}
      <UnderWay />
      {watches ? null : (
        <>
          <Text voice="head" tone="text-salt-50" heading={2}>
            {t('or-start-saved-plans-several-for-one')}
          </Text>
          <AddPiece onDone={() => undefined} />
          <Link href="/practice" className="min-h-touch pt-3">
            <Text tone="text-flame-dark" className="underline">
              {t('or-practise-in-a-simulated-kitchen')}
            </Text>
          </Link>
        </>
      )}
    </View>
  );
};

const Live = () => {
  useAwake();
  const { cooks, shown } = useStove();
  const show = useShow();
  const { width } = useWindowDimensions();
  const now = useNow(1000);
  const only = cooks.length === 1;
  useStoveCalls(cooks, now);
  if (!shown) return null;
  return (
    <View className="min-h-0 flex-1 gap-3">
      <View className="flex-row items-baseline justify-between gap-3">
        <Text voice="strong" tone="text-salt-50" heading={1} className="flex-1">
          {only ? shown.cook.plan.title : t('pieces-2', { cooksCount: cooks.length })}
        </Text>
        <Text voice="small" tone="text-iron-400">
          {t('plate-2', { clock: show.clock(Math.max(...cooks.map(({ plateAt }) => plateAt))) })}
        </Text>
      </View>
      <ClockLine />
      <SilentDevices />
      {only ? null : <Lanes cooks={cooks} shown={shown} />}
      <View className="min-h-0 flex-1 flex-row gap-6">
        <View className="min-h-0 max-w-[640px] flex-1">
          <Piece key={shown.cook.id} live={shown} only={only} />
        </View>
        {width >= WIDE ? (
          <ScrollView
            // With large text it scrolls: the keyboard must reach it.
            className="min-h-0 flex-1 pt-4"
            contentContainerClassName="gap-6"
            tabIndex={0}
          >
            <LiveCurve live={shown} />
            <StepsLeft live={shown} />
          </ScrollView>
        ) : null}
      </View>
      <Kept cook={shown.cook} />
    </View>
  );
};

const Piece = ({ live, only }: { readonly live: LiveCook; readonly only: boolean }) => {
  const watches = useWatches();
  if (live.state.place !== 'sliced') return <NowAndNext live={live} only={only} />;
  return (
    <ScrollView className="min-h-0 flex-1">
      {watches ? (
        <Text voice="action" tone="text-salt-50">
          {t('it-is-on-its-plate')}
        </Text>
      ) : (
        <Finished cook={live.cook} state={live.state} />
      )}
    </ScrollView>
  );
};

/** A device's clock that is off by more is shown, ms. */
const WORTH_TELLING = 30_000;

const formatMinutes = (ms: number): string =>
  t('min', { value: Math.max(1, Math.round(Math.abs(ms) / 60_000)) });

/** Time that is not the world's: run faster, or set right by the server. */
const ClockLine = () => {
  const speed = useClockSpeed();
  const jump = useClockJump();
  const off = deviceClockOff();
  const says = [
    speed === 1 ? undefined : t('time-runs-times-faster', { speed }),
    jump === 0
      ? undefined
      : t('this-phones-clock-jumped-by-your-presses', { minutes: formatMinutes(jump) }),
    jump !== 0 || Math.abs(off) < WORTH_TELLING
      ? undefined
      : t('this-phones-clock-is-the-kitchens-is', {
          minutes: formatMinutes(off),
          part: off > 0 ? t('slow') : t('fast'),
        }),
  ].filter((line) => line !== undefined);
  return says.length === 0 ? null : (
    <Text voice="small" tone="text-iron-400">
      {says.join(' ')}
    </Text>
  );
};
