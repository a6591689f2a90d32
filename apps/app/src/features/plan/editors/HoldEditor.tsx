import { View } from 'react-native';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import { WARM_OVEN, type Hold } from '@crustan/core/plan/request';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Measure } from '../../../ui/Measure';
import { Slider } from '../../../ui/Slider';
import { Text } from '../../../ui/Text';
import { describeHold } from '../sentenceWords';
import { useShow } from '../../../words/useShow';
import { formatDuration } from '@crustan/core/units';
import { t } from '../t';

/** Default duration of a hold and its step, s. */
const USUAL_HOLD = 1800;
const STEP = 300;

/** Duration and place of a hold between a low oven and browning. */
export const HoldEditor = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  // Not the deferred draft: a key that is held down moves the slider each time.
  const hold = useAppSelector((state) => state.draft.request.hold);
  const change = (changed: Hold | undefined) => dispatch(requestChanged({ hold: changed }));
  const { least, most } = PLAN_LIMITS.hold;
  return (
    <View className="gap-3">
      <Text voice="label">{t('held-between-the-low-oven-and-the')}</Text>
      <Choice
        label={t('held')}
        value={hold?.in ?? 'none'}
        onChange={(place) =>
          change(place === 'none' ? undefined : { in: place, seconds: hold?.seconds ?? USUAL_HOLD })
        }
        options={[
          { value: 'none', label: t('not-held-2') },
          { value: 'tent', label: t('tented'), detail: t('on-the-board-under-loose-foil') },
          {
            value: 'warm-oven',
            label: t('warm-oven'),
            detail: t('turned-down-the-door-ajar-first'),
          },
        ]}
      />
      {hold === undefined ? null : (
        <Slider
          label={t('held-for')}
          value={Math.round((hold.seconds - least) / STEP)}
          least={0}
          most={(most - least) / STEP}
          step={1}
          says={formatDuration(hold.seconds)}
          onChange={(steps) => change({ ...hold, seconds: least + steps * STEP })}
        />
      )}
      {hold === undefined ? null : <Text voice="small">{describeHold(hold, show)}</Text>}
      {hold?.in === 'warm-oven' ? (
        <Measure
          units={show.units}
          label={t('warm-oven')}
          named
          kind="temperature"
          value={hold.air ?? WARM_OVEN}
          {...PLAN_LIMITS.warmOven}
          typical={[50, 75]}
          onChange={(air) => change({ ...hold, air })}
        />
      ) : null}
      {hold?.in === 'warm-oven' && (hold.air ?? WARM_OVEN) < WARM_OVEN ? (
        <Text voice="small" role="note">
          {t('under-what-is-in-it-counts-as', { temperature: show.temperature(WARM_OVEN) })}
        </Text>
      ) : null}
    </View>
  );
};
