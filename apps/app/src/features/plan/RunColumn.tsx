import { memo, useMemo } from 'react';
import { View } from 'react-native';
import type { CookPlan } from '@crustan/core/plan';
import { inAtFor, placeSides, runOf, sharedBy, type PlacedSide } from '@crustan/core/schedule';
import { sayDuration } from '@crustan/core/units';
import { plateChanged } from '../../store/draftSlice';
import { gearInUse } from '../../store/kitchenSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import type { Show } from '../../words/show';
import { stepWords } from '../../words/stepWords';
import { useShow } from '../../words/useShow';
import { SidesEditor } from './SidesEditor';
import { StillInTime } from './StillInTime';
import { TakeAway } from './TakeAway';

interface Props {
  readonly plan: CookPlan;
  /** ms since 1970. */
  readonly plateAt: number;
  readonly now: number;
}

interface Line {
  readonly key: string;
  readonly at: number;
  readonly does: string;
  readonly why: string;
  readonly hands: 'on' | 'free';
  readonly conflict?: string | undefined;
}

const DAY = 86_400;

/** The run: one column of clock times counted back from the plate, side dishes in their places. */
export const RunColumn = memo(function RunColumn({ plan, plateAt, now }: Props) {
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const sides = useAppSelector((state) => state.draft.sides);
  const dispatch = useAppDispatch();
  const gear = useMemo(() => gearInUse(kitchen), [kitchen]);
  const run = useMemo(() => runOf(plan, gear), [plan, gear]);
  const inAt = inAtFor(run, plateAt);
  const lines = useMemo((): readonly Line[] => {
    const own = run.steps.map((step): Line => {
      const { does, why } = stepWords(step, plan, show, gear.pan, gear.oven.offset);
      return { key: `${step.kind}${step.at}`, at: step.at, does, why, hands: step.hands };
    });
    const beside = placeSides(run, sharedBy(plan), sides).map((placed) => sideLine(placed, show));
    return [...own, ...beside].toSorted((a, b) => a.at - b.at);
  }, [run, plan, show, gear, sides]);
  // The first whole minute that leaves time for every step of tonight.
  const earliest = show.clock(now + run.tonight * 1000 + 60_000);
  const begins = plateAt - run.tonight * 1000;
  const saltedBy = plateAt - run.length * 1000;
  return (
    <View className="gap-3">
      <Text voice="head" heading={2}>
        {`The run, back from ${show.clock(plateAt)}`}
      </Text>
      {begins < now ? (
        <View className="items-start gap-2" role="alert">
          <Text voice="small">{`It should have begun at ${show.clock(begins)}.`}</Text>
          <Button
            kind="plain"
            label={`Plate at ${earliest} instead`}
            onPress={() => dispatch(plateChanged(earliest))}
          />
          <StillInTime gear={gear} left={(plateAt - now) / 1000} />
        </View>
      ) : saltedBy < now && run.length > run.tonight + 1 ? (
        <Text voice="small" role="note">
          {`Salting so far ahead was due ${show.day(saltedBy)}: salt at the pan, or plate it later.`}
        </Text>
      ) : null}
      <View role="list" className="gap-3">
        {lines.map(({ key, at, does, why, hands, conflict }) => (
          <View key={key} role="listitem" className="flex-row gap-3">
            <View className="w-[52px]">
              <Text voice="figure">{show.clock(inAt + at * 1000)}</Text>
              {-at > DAY / 2 ? (
                <Text voice="note" tone="text-iron-500">
                  {show.weekday(inAt + at * 1000)}
                </Text>
              ) : null}
            </View>
            <View
              className={`w-1 self-stretch ${hands === 'on' ? 'bg-flame-light' : 'bg-salt-200'}`}
            />
            <View className="flex-1">
              <Text voice="label">{does}</Text>
              <Text voice="small" tone="text-iron-500">
                {hands === 'free' ? `${why}; hands free` : why}
              </Text>
              {conflict === undefined ? null : (
                <Text voice="small" role="alert">
                  {conflict}
                </Text>
              )}
            </View>
          </View>
        ))}
      </View>
      <SidesEditor sides={sides} />
      <TakeAway plan={plan} plateAt={plateAt} lines={lines} inAt={inAt} />
    </View>
  );
});

export type { Line as RunLine };

const sideLine = ({ side, at, conflict }: PlacedSide, show: Show): Line => ({
  key: `side ${side.name}`,
  at,
  does: side.name,
  why: `${sayDuration(side.handsOn)} of hands, then ${sayDuration(side.handsOff)} by itself`,
  hands: 'on',
  conflict: conflict && sayConflict(conflict, show),
});

const BUSY: Readonly<Record<string, string>> = {
  in: 'laying it in',
  turn: 'turning',
  turns: 'turning',
  slice: 'slicing',
  butter: 'basting',
  plate: 'plating',
};

const sayConflict = (conflict: NonNullable<PlacedSide['conflict']>, show: Show): string => {
  switch (conflict.reason) {
    case 'hands':
      return `Your hands are busy then (${BUSY[conflict.busy] ?? 'at the piece'}). Make it earlier and keep it warm, or have help.`;
    case 'oven':
      return `It wants ${show.temperature(conflict.wanted)}, the oven is at ${show.temperature(conflict.set)} for the piece.`;
    case 'pan':
      return 'The pan is in use then: another pan, or after the piece.';
  }
};
