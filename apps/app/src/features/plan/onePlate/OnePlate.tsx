import { translateName } from '@crustan/messages';
import { useEffect } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import type { PlateChange, PlateTogether } from '@crustan/core/pass/plateTogether';
import { showDuration } from '@crustan/core/units';
import {
  donenessSplit,
  lowOvenChosen,
  MOST_OTHERS,
  otherTakenOff,
  otherTakenUp,
  pieceAdded,
  plateChanged,
  secondPanChosen,
} from '../../../store/draftSlice';
import { homeGear } from '../../../store/homeGear';
import { dayOf, hourAt } from '../../../store/plateTime';
import { useAppDispatch, useAppSelector, useAppStore } from '../../../store/store';
import { useScales } from '../../../store/useScales';
import { Button } from '../../../ui/Button';
import { Caution } from '../../../ui/Caution';
import { Text } from '../../../ui/Text';
import { WIDE } from '../../../ui/wide';
import { HINDERED } from '../../../words/hinderedWords';
import { describeObstacle } from '../../../words/obstacleWords';
import { useShow } from '../../../words/useShow';
import { followPlate, piecesOf, usePlateView } from '../../../workers/plateLane';
import { batchTitle, pieceTitle } from './batchWords';
import { useStartSeveral } from './useStartSeveral';
import { useIsSeveral, useSeveral } from './useSeveral';
import { t } from '../t';

/** A plate is moved to whole parts of the clock, ms. */
const PLATE_PARTS = 5 * 60_000;
/** Waits and delays under this are not shown, s. */
const SHORT_WAIT = 60;

/** Adds to the plate: under the sentence, and quieter than its words. */
const Add = ({ label, onPress }: { readonly label: string; readonly onPress: () => void }) => (
  <Pressable role="button" onPress={onPress} className="min-h-touch max-w-full justify-center">
    <Text voice="small" tone="text-iron-500" className="underline">
      {label}
    </Text>
  </Pressable>
);

/** The other pieces of the plate, and how to add to them. */
const Others = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const scales = useScales();
  const { others, request } = useAppSelector((state) => state.draft);
  const full = others.length >= MOST_OTHERS;
  return (
    <View className="gap-2">
      {others.length === 0 ? null : (
        <View role="list" aria-label={t('also-on-this-plate')} className="gap-2">
          <Text voice="label">{t('also-on-this-plate')}</Text>
          {others.map((other, i) => {
            const title = pieceTitle(other, show, scales);
            return (
              <View
                key={`${i} ${title}`}
                role="listitem"
                className="gap-2 border-l-4 border-salt-300 pl-3"
              >
                <Text>{title}</Text>
                <View className="flex-row flex-wrap gap-2">
                  <Button
                    kind="plain"
                    label={t('change-2')}
                    spoken={t('change-3', { title })}
                    onPress={() => dispatch(otherTakenUp(i))}
                  />
                  <Button
                    kind="plain"
                    label={t('take-off-2')}
                    spoken={t('take-off-3', { title })}
                    onPress={() => dispatch(otherTakenOff(i))}
                  />
                </View>
              </View>
            );
          })}
        </View>
      )}
      {full ? (
        <Text voice="small" tone="text-iron-500">
          {t('a-plate-holds-different-pieces-at-most', { value: MOST_OTHERS + 1 })}
        </Text>
      ) : (
        <View className="flex-row flex-wrap gap-x-5">
          <Add label={t('another-piece')} onPress={() => dispatch(pieceAdded())} />
          <Add
            label={
              request.pieces > 1 ? t('some-cooked-differently') : t('one-more-cooked-differently')
            }
            onPress={() => dispatch(donenessSplit())}
          />
        </View>
      )}
    </View>
  );
};

/** All batches by when they meet the heat. */
const Timeline = ({ plate, from }: { readonly plate: PlateTogether; readonly from: number }) => {
  const show = useShow();
  const scales = useScales();
  const { kitchen, draft } = useAppStore().getState();
  const pans = homeGear(kitchen, draft.secondPan).gear.pans.map(({ name }) => translateName(name));
  return (
    <View role="list" aria-label={t('onto-the-heat')} className="gap-2">
      {plate.batches.map((batch) => (
        <View key={`${batch.group} ${batch.start}`} role="listitem" className="flex-row gap-3">
          <Text voice="figure" className="w-[3.5rem]">
            {show.clock(from + batch.start * 1000)}
          </Text>
          <View className="flex-1">
            <Text>{batchTitle(batch, pans, show, scales)}</Text>
            {batch.waits < SHORT_WAIT ? null : (
              <Text voice="small" tone="text-iron-500">
                {t('on-the-heat-then-it-rests-and', {
                  duration: showDuration(batch.plan.cookSeconds),
                  duration2: showDuration(batch.waits),
                })}
              </Text>
            )}
          </View>
        </View>
      ))}
      <View role="listitem" className="flex-row gap-3">
        <Text voice="figure" className="w-[3.5rem]">
          {show.clock(from + plate.landsAt * 1000)}
        </Text>
        <Text>{t('all-on-the-plate')}</Text>
      </View>
    </View>
  );
};

const longestWait = ({ batches }: PlateTogether): number =>
  Math.max(...batches.map(({ waits }) => waits));

/**
 * Result of a change.
 * @param clock when all is ready then
 */
const describeOther = (plate: PlateTogether, clock: string): string => {
  const longest = longestWait(plate);
  const wait =
    longest < SHORT_WAIT
      ? t('nothing-waits')
      : t('the-longest-wait-is', { duration: showDuration(longest) });
  return t('all-ready-at', { clock, wait });
};

/** Faults of the plate. */
const Faults = ({ plate, from }: { readonly plate: PlateTogether; readonly from: number }) => {
  const show = useShow();
  const scales = useScales();
  const { late, apart, hindered, batches, landsAt } = plate;
  const reason = hindered && HINDERED[hindered.reason];
  const why = reason === undefined ? '' : `: ${reason}`;
  const long = batches.filter(({ overRested }) => overRested >= SHORT_WAIT);
  return (
    <>
      {late < SHORT_WAIT ? null : (
        <Caution lead={t('later-than-the-plate')}>
          {t('everything-is-ready-at-at-the-soonest', {
            clock: show.clock(from + landsAt * 1000),
            duration: showDuration(late),
            why,
          })}
        </Caution>
      )}
      {apart < SHORT_WAIT ? null : (
        <Caution lead={t('not-together')}>
          {t('between-the-first-and-the-last-pass', { duration: showDuration(apart), why })}
        </Caution>
      )}
      {long.map(({ plan, count, overRested, start }) => (
        <Caution key={start} lead={t('a-long-rest')}>
          {t('waits-longer-than-it-stays-warm-keep', {
            pieceTitle: pieceTitle({ ...plan.request, pieces: count }, show, scales),
            duration: showDuration(overRested),
          })}
        </Caution>
      ))}
    </>
  );
};

const CHANGES: Readonly<
  Record<PlateChange['kind'], { readonly label: string; readonly choose: () => { type: string } }>
> = {
  pan: { label: t('use-a-second-pan'), choose: () => secondPanChosen(true) },
  'low-oven': { label: t('begin-in-a-low-oven'), choose: lowOvenChosen },
};

const Changes = ({
  changes,
  plate,
  from,
}: {
  /** Undefined: they are still looked for. */
  readonly changes: readonly PlateChange[] | undefined;
  readonly plate: PlateTogether;
  readonly from: number;
}) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const moment = Math.ceil((from + plate.landsAt * 1000) / PLATE_PARTS) * PLATE_PARTS;
  return (
    <View className="gap-2">
      {changes ? null : (
        <Text voice="small" tone="text-iron-500">
          {t('looking-for-a-better-way')}
        </Text>
      )}
      {changes?.map(({ kind, plate: other }) => (
        <View key={kind} className="flex-row flex-wrap items-center gap-2">
          <Button
            kind="plain"
            label={CHANGES[kind].label}
            onPress={() => void dispatch(CHANGES[kind].choose())}
          />
          <Text voice="small" className="min-w-[160px] flex-1">
            {describeOther(other, show.clock(from + other.landsAt * 1000))}
          </Text>
        </View>
      ))}
      {plate.late < SHORT_WAIT ? null : (
        <View className="items-start">
          <Button
            kind="plain"
            label={t('plate-at', { clock: show.clock(moment) })}
            onPress={() =>
              void dispatch(plateChanged({ hour: hourAt(moment), day: dayOf(moment) }))
            }
          />
        </View>
      )}
    </View>
  );
};

/** Start of each piece of the plate, or the reason why they cannot share it. */
const Found = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { found, from, stale, broken } = usePlateView();
  const draft = useAppSelector((state) => state.draft);
  const several = useSeveral();
  const start = useStartSeveral();
  const wide = useWindowDimensions().width >= WIDE;
  if (broken !== undefined) {
    return <Text role="alert">{t('the-simulation-stopped-reload-the-page', { broken })}</Text>;
  }
  if (!found) return <Text tone="text-iron-500">{t('timing-every-piece-for-one-plate')}</Text>;
  if (found.kind === 'none') {
    return (
      <Text role="alert">
        {found.reason === 'pan'
          ? t('no-pan-stands-on-a-burner-add')
          : t('these-pieces-do-not-fit-on-one')}
      </Text>
    );
  }
  if (found.kind === 'obstacle') {
    const request = piecesOf(draft)[found.group];
    return request ? (
      <Text role="alert">{describeObstacle(found.obstacle, request, show)}</Text>
    ) : null;
  }
  const { plate, changes } = found;
  if (plate.batches.length < 2) return null;
  return (
    <View className={`gap-3 ${stale ? 'opacity-50' : ''}`} aria-busy={stale}>
      <Text voice="head" heading={2}>
        {t('all-for-one-plate')}
      </Text>
      <Timeline plate={plate} from={from} />
      <Faults plate={plate} from={from} />
      <Changes changes={changes} plate={plate} from={from} />
      {draft.secondPan ? (
        <View className="items-start">
          <Button
            kind="plain"
            label={t('use-one-pan')}
            onPress={() => dispatch(secondPanChosen(false))}
          />
        </View>
      ) : null}
      {several && wide ? (
        <View className="items-start">
          <Button label={t('start-all-at-the-stove')} onPress={() => start(several)} />
        </View>
      ) : null}
    </View>
  );
};

/** Several pieces for one plate: which they are, when each meets the heat, and what would make it better. */
export const OnePlate = () => {
  const store = useAppStore();
  const several = useIsSeveral();
  useEffect(() => (several ? followPlate(store) : undefined), [several, store]);
  return (
    <View className="no-print gap-4">
      <Others />
      {several ? <Found /> : null}
    </View>
  );
};
