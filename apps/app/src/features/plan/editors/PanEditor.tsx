import { translateName } from '@crustan/messages';
import { View } from 'react-native';
import { FATS, fatOf, FLASH_POINT, oilMargin } from '@crustan/core/gear/fats';
import { fatsFor } from '@crustan/core/gear/readiness';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import type { PlanRequest } from '@crustan/core/plan/request';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Measure } from '../../../ui/Measure';
import { Text } from '../../../ui/Text';
import { KNOB_OPTIONS } from '../../../words/kitchenWords';
import { useShow } from '../../../words/useShow';
import { Hint } from './Hint';
import { t } from '../t';

/** Pan temperature and fat. */
export const PanEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { toSmoke, toFire, smoke } = oilMargin(fatOf(request.fat), request.pan);
  const [safer] = fatsFor(FATS, request.pan);
  return (
    <View className="gap-3">
      <Measure
        units={show.units}
        label={t('pan-temperature')}
        kind="temperature"
        value={request.pan}
        {...PLAN_LIMITS.pan}
        typical={[150, 320]}
        onChange={(pan) => dispatch(requestChanged({ pan }))}
      />
      <Hint>
        {t('two-schools-moderate-to-or-as-hot', {
          degrees: show.degrees(200),
          degrees2: show.degrees(230),
        })}
      </Hint>
      <Hint>{t('burner-setting-when-the-food-goes-in')}</Hint>
      <Choice
        label={t('burner-when-food-goes-in')}
        value={request.knob}
        onChange={(knob) => dispatch(requestChanged({ knob }))}
        options={KNOB_OPTIONS}
      />
      <Hint>{t('in-which-fat')}</Hint>
      <Choice
        label={t('fat')}
        value={request.fat}
        onChange={(fat) => dispatch(requestChanged({ fat }))}
        options={FATS.map(({ id, name, smokes }) => ({
          value: id,
          label: name,
          detail: t('smokes-from-to', {
            degrees: show.degrees(smokes[0]),
            degrees2: show.degrees(smokes[1]),
          }),
        }))}
      />
      <Text voice="small" role="status">
        {smoke === 'none'
          ? t('under-its-first-smoke-under-fire', {
              difference: show.difference(toSmoke[0]),
              difference2: show.difference(toFire),
            })
          : smoke === 'some'
            ? t('tables-differ-this-fat-may-smoke-at')
            : t('this-fat-smokes-at-this-heat-and', {
                temperature: show.temperature(FLASH_POINT),
                part: safer
                  ? t('or-2', { name: translateName(safer.name) })
                  : t('no-fat-here-takes-it-without-smoke'),
              })}
      </Text>
      <Hint>{t('smoke-points-as-tabulated-in-handbooks-of')}</Hint>
    </View>
  );
};
