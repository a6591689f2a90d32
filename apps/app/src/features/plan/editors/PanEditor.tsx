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
        label="Pan temperature"
        kind="temperature"
        value={request.pan}
        {...PLAN_LIMITS.pan}
        typical={[150, 320]}
        onChange={(pan) => dispatch(requestChanged({ pan }))}
      />
      <Hint>
        {`Two schools: moderate, ${show.degrees(200)} to ${show.degrees(230)}; or as hot as it gets. Hotter browns sooner and smokes more.`}
      </Hint>
      <Hint>Burner setting when the food goes in:</Hint>
      <Choice
        label="Burner when food goes in"
        value={request.knob}
        onChange={(knob) => dispatch(requestChanged({ knob }))}
        options={KNOB_OPTIONS}
      />
      <Hint>In which fat:</Hint>
      <Choice
        label="Fat"
        value={request.fat}
        onChange={(fat) => dispatch(requestChanged({ fat }))}
        options={FATS.map(({ id, name, smokes }) => ({
          value: id,
          label: name,
          detail: `smokes from ${show.degrees(smokes[0])} to ${show.degrees(smokes[1])}`,
        }))}
      />
      <Text voice="small" role="status">
        {smoke === 'none'
          ? `${show.difference(toSmoke[0])} under its first smoke, ${show.difference(toFire)} under fire.`
          : smoke === 'some'
            ? 'Tables differ: this fat may smoke at this heat. Extractor on, window open.'
            : `This fat smokes at this heat, and vapour can flame from about ${show.temperature(FLASH_POINT)}: a cooler pan${safer ? `, or ${safer.name}` : '; no fat here takes it without smoke'}.`}
      </Text>
      <Hint>
        Smoke points as tabulated in handbooks of edible oils; they fall with age, crumbs and every
        heating.
      </Hint>
    </View>
  );
};
