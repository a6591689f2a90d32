import { translateName } from '@crustan/messages';
import { memo, useMemo, useState } from 'react';
import { View, useWindowDimensions } from 'react-native';
import type { CookPlan, Slices } from '@crustan/core/plan';
import { namedBrowning } from '@crustan/core/plan/crustComplaint';
import { pullsFromOven } from '@crustan/core/plan/pullsFromOven';
import { cutOf } from '@crustan/core/plan/request';
import { heatStartFor, plannedCore, runOf } from '@crustan/core/schedule';
import { showDuration, formatDuration } from '@crustan/core/units';
import { gearUsed } from '../../store/kitchenSlice';
import { useAppSelector } from '../../store/store';
import { useScales } from '../../store/useScales';
import { Figures } from '../../ui/Figures';
import { Slice } from '../../ui/Slice';
import { Slider } from '../../ui/Slider';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { describeLayers } from '../../words/describeLayers';
import { usedWords } from '../../words/usedWords';
import { WAY_NAMES } from '../../words/wayWords';
import type { PlanView } from '../../workers/planLane';
import { probeIn, sliceOf } from '../../words/sliceOf';
import { Explained } from './Explained';
import { PlanCurves } from './PlanCurves';
import { planFigures } from './planFigures';
import { Sensitivity } from './Sensitivity';
import { HoldCosts } from './HoldCosts';
import { SmallerMuscle } from './SmallerMuscle';
import { WhatChanged } from './WhatChanged';
import { describeCrust } from '../../words/judgedWords';
import { t } from './t';

interface Props {
  readonly plan: CookPlan;
  readonly slices: Slices;
  readonly window: PlanView['window'];
  readonly spread: PlanView['spread'];
  /** ms since 1970. */
  readonly plateAt: number;
}

/** Temperature marked on the slice: where grey begins. */
const GREY = 65;
const SLICE_HEIGHT = 190;

/** Frames are stored at a resolution of a tenth of a second. */
const FRAME_GRAIN = 0.1;

const placeAt = (plan: CookPlan, seconds: number): string => {
  const at = seconds + FRAME_GRAIN;
  const leg = plan.legs.find((each) => at < each.at + each.seconds);
  if (leg?.kind === 'board') return leg.air === undefined ? t('waiting-tented') : t('held-warm');
  if (leg) return leg.kind === 'oven' ? t('in-the-oven') : t('in-the-pan');
  return at < plan.cookSeconds + plan.restSeconds ? t('resting') : t('on-the-board');
};

/** The chosen plan: its slice, which can be scrubbed along the cook, its figures and curves. */
export const PlanInFull = memo(function PlanInFull({
  plan,
  slices,
  window,
  spread,
  plateAt,
}: Props) {
  const show = useShow();
  const inAt = heatStartFor(runOf(plan), plateAt);
  const [scrub, setScrub] = useState<number>();
  const last = slices.frames.length - 1;
  const index = scrub === undefined ? last : Math.min(scrub, last);
  const time = slices.frames[index]?.time ?? 0;
  const core = plannedCore(plan.trace, time) ?? plan.sliceCore;
  const items = useMemo(
    () => planFigures(plan, { window, spread }, show),
    [plan, window, spread, show],
  );
  const cursor = useMemo(() => ({ time, value: core }), [time, core]);

  return (
    <View className="gap-4">
      <View>
        <Text voice="head" heading={2}>
          {WAY_NAMES[plan.request.way]}
        </Text>
        <Text voice="small" tone="text-iron-500">
          {t('to-scale-the-dashed-line-is', {
            part:
              index === last
                ? t('the-slice-as-served')
                : t('the-slice-in', { duration: showDuration(time) }),
            thickness: show.thickness(plan.request.thickness),
            degrees: show.degrees(GREY),
          })}
        </Text>
      </View>
      <OnYourThermometer plan={plan} />
      <WithWhatWasLearned plan={plan} />
      <WhatChanged plan={plan} />
      <SmallerMuscle plan={plan} />
      <HoldCosts plan={plan} />
      <BigSlice plan={plan} slices={slices} index={index} />
      <View>
        <Slider
          label={t('along-the-cook')}
          value={index}
          least={0}
          most={last}
          step={1}
          says={t('in-core', {
            duration: formatDuration(time),
            placeAt: placeAt(plan, time),
            temperature: show.temperature(core),
          })}
          onChange={setScrub}
        />
        <Text voice="small" tone="text-iron-500">
          {t('core', {
            clock: show.clock(inAt + time * 1000),
            placeAt: placeAt(plan, time),
            temperature: show.temperature(core),
          })}
        </Text>
      </View>
      <Explained />
      <Figures items={items} />
      <CutShort plan={plan} />
      <PlanCurves plan={plan} inAt={inAt} cursor={cursor} />
      {spread ? <Sensitivity request={plan.request} spread={spread} /> : null}
    </View>
  );
});

/** Sears that ended at the longest a sear may last, before their crust was there. */
const CutShort = ({ plan: { legs, request } }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const short = legs.find(({ cutShort }) => cutShort);
  if (!short) return null;
  return (
    <Text role="status">
      {t('a-sear-stops-at-short-of-the', {
        duration: showDuration(short.seconds),
        temperature: show.temperature(request.pan),
      })}
    </Text>
  );
};

/** Reading at the pull of a thermometer with a known error. */
const OnYourThermometer = ({ plan }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const offset = useAppSelector((state) => state.kitchen.thermometerOffset);
  if (Math.abs(offset) < 0.05) return null;
  const pull = pullsFromOven(plan) ? plan.pullCore : plan.doneCore;
  return (
    <Text voice="small" role="note">
      {t('your-thermometer-will-say-at-the-pull', {
        temperature: show.temperature(pull + offset),
        difference: show.difference(Math.abs(offset)),
        part: offset > 0 ? t('over-2') : t('under'),
      })}
    </Text>
  );
};

/** Calibration from past cooks that this plan uses. */
const WithWhatWasLearned = ({ plan }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const says = usedWords(gearUsed(kitchen), plan.request, show);
  return says === undefined ? null : (
    <Text voice="small" role="note">
      {says}
    </Text>
  );
};

const BigSlice = memo(function BigSlice({
  plan,
  slices,
  index,
}: {
  readonly plan: CookPlan;
  readonly slices: Slices;
  readonly index: number;
}) {
  const show = useShow();
  const { donenessOf } = useScales();
  const { width: screen } = useWindowDimensions();
  const room = Math.min(screen >= 1024 ? screen - 820 : screen - 32, 620);
  const frame = slices.frames[index];
  const figures = useMemo(() => sliceOf(plan, slices, frame), [plan, slices, frame]);
  const time = frame?.time ?? 0;
  const served = index === slices.frames.length - 1;
  const doneness = translateName(donenessOf(cutOf(plan.request).species, plan.peakCore).name);
  const core = plannedCore(plan.trace, time) ?? plan.sliceCore;
  return (
    <View className="items-center">
      <Slice
        figures={figures}
        maxWidth={room}
        maxHeight={SLICE_HEIGHT}
        line={GREY}
        probe={probeIn(plan.request)}
        says={t('slice-at-in-the-middle-crust-of', {
          part: served ? t('as-served') : t('into-the-cook', { duration: formatDuration(time) }),
          doneness,
          temperature: show.temperature(core),
          crust: describeCrust(namedBrowning(plan), plan.request),
          depth: show.depth(plan.greyBand),
          layers: describeLayers(
            figures,
            (celsius) => translateName(donenessOf(cutOf(plan.request).species, celsius).name),
            show,
          ),
        })}
      />
    </View>
  );
});
