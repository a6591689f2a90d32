import { memo, useDeferredValue, useMemo } from 'react';
import { Pressable, View } from 'react-native';
import { fatOf, oilMargin } from '@crustan/core/gear/fats';
import type { CookPlan } from '@crustan/core/plan';
import { namedBrowning } from '@crustan/core/plan/crustComplaint';
import { cutOf } from '@crustan/core/plan/request';
import { waysFor, type Way as WayName } from '@crustan/core/plan/way';
import { showDuration } from '@crustan/core/units';
import { requestChanged } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Slice } from '../../ui/Slice';
import { Text } from '../../ui/Text';
import { describeBriefly } from '../../words/obstacleWords';
import { useShow } from '../../words/useShow';
import { WAY_NAMES, WHO_CHOOSES } from '../../words/wayWords';
import { useWayFigures, type WayFigures } from '../../workers/planLane';
import { formatWindow } from './formatWindow';
import { sliceOf } from '../../words/sliceOf';
import { describeCrust } from '../../words/judgedWords';
import { formatLoss } from '../../words/formatLoss';
import { t } from './t';

const Small = ({ value, label }: { readonly value: string; readonly label: string }) => (
  <View className="min-w-[2.875rem] max-w-full">
    <Text voice="figure">{value}</Text>
    <Text voice="note" tone="text-iron-500">
      {label}
    </Text>
  </View>
);

const SMOKE = { none: t('no-smoke'), some: t('some-smoke'), heavy: t('heavy-smoke') } as const;

/** One figure says both where the cook stands by the whole time. */
const allAtStove = ({ cookSeconds, stoveSeconds }: CookPlan): boolean =>
  Math.abs(cookSeconds - stoveSeconds) < 1;

/** The ways that apply, side by side for the same finish. */
export const Ways = memo(function Ways() {
  const cut = useAppSelector((state) => cutOf(state.draft.request));
  return (
    <View role="radiogroup" aria-label={t('how-to-cook-it')}>
      {waysFor(cut).map((way) => (
        <FollowedWay key={way} way={way} />
      ))}
      <View className="border-t border-salt-200" />
    </View>
  );
});

/** A way with its lane's present plan. */
const FollowedWay = ({ way }: { readonly way: WayName }) => {
  const { plan, slices, window, obstacle } = useWayFigures(way);
  const chosen = useAppSelector((state) => state.draft.request.way === way);
  return (
    <Way
      way={way}
      chosen={chosen}
      plan={plan}
      slices={slices}
      window={window}
      obstacle={obstacle}
    />
  );
};

interface WayProps extends WayFigures {
  readonly way: WayName;
  readonly chosen: boolean;
}

export const Way = memo(function Way({ way, chosen, plan, slices, window, obstacle }: WayProps) {
  const dispatch = useAppDispatch();
  const show = useShow();
  // The figures first: the little slice may follow a frame later.
  const drawn = useDeferredValue(slices);
  const figures = useMemo(() => (drawn && plan ? sliceOf(plan, drawn) : undefined), [drawn, plan]);
  return (
    <Pressable
      role="radio"
      testID={`way-${way}`}
      aria-checked={chosen}
      onPress={() => dispatch(requestChanged({ way }))}
      className={`min-h-[88px] flex-row gap-4 border-t border-salt-200 py-3 pr-3 ${
        chosen ? 'border-l-4 border-l-flame-light bg-salt-0 pl-3' : 'pl-4'
      }`}
    >
      <View className="w-[84px] items-center pt-1">
        {figures && !obstacle ? (
          <Slice
            figures={figures}
            maxWidth={84}
            maxHeight={60}
            says={t('slice', { words: WAY_NAMES[way].toLowerCase() })}
          />
        ) : null}
      </View>
      <View className="min-w-0 flex-1 gap-1">
        <Text voice="strong">{WAY_NAMES[way]}</Text>
        {plan && !obstacle ? (
          <>
            <View className="flex-row flex-wrap justify-between gap-x-2">
              <Small
                value={showDuration(plan.cookSeconds)}
                label={allAtStove(plan) ? t('all-of-it-at-the-stove') : t('in-all')}
              />
              {allAtStove(plan) ? null : (
                <Small value={showDuration(plan.stoveSeconds)} label={t('at-the-stove')} />
              )}
              <Small
                value={window ? `±${formatWindow(Math.min(window.early, window.late))}` : '…'}
                label={t('window')}
              />
              <Small value={show.length(plan.greyBand)} label={t('grey-2')} />
            </View>
            <Text voice="small" tone="text-iron-700">
              {t('crust-loses-about', {
                crust: describeCrust(namedBrowning(plan), plan.request),
                words: SMOKE[oilMargin(fatOf(plan.request.fat), plan.request.pan).smoke],
                loss: formatLoss(plan),
              })}
            </Text>
          </>
        ) : (
          <Text
            voice="small"
            tone="text-iron-500"
            testID={obstacle ? 'way-refused' : 'way-simulating'}
          >
            {obstacle ? describeBriefly(obstacle, show) : t('simulating')}
          </Text>
        )}
        <Text voice="small" tone="text-iron-500">
          {WHO_CHOOSES[way]}
        </Text>
      </View>
    </Pressable>
  );
});
