import { WAY_TRAITS } from '@crustan/core/plan/way';
import { View } from 'react-native';
import { FATS } from '@crustan/core/gear/fats';
import { REST_COVERS } from '@crustan/core/heat/restCover';
import { REST_SURFACES } from '@crustan/core/heat/restSurface';
import { STEM_SIDES } from '@crustan/core/heat/thermometer';
import { OVEN_FUELS, type PlanRequest } from '@crustan/core/plan/request';
import { AIRED_FROM, SALT_SCHOOLS, TEMPER_SCHOOLS } from '@crustan/core/plan/schools';
import { requestChanged } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import {
  FUEL_WORDS,
  KNOB_OPTIONS,
  PRESS_OPTIONS,
  REST_ON_WORDS,
  STEM_WORDS,
} from '../../words/kitchenWords';
import { describeAhead } from '../../words/stepWords';
import { useShow } from '../../words/useShow';
import { t } from './t';

const COVERS = { open: t('open'), loose: t('loosely-tented'), wrapped: t('wrapped') } as const;

const Dispute = ({ says }: { readonly says: string }) => (
  <Text voice="small" tone="text-iron-700">
    {says}
  </Text>
);

/** Questions on which cooks disagree: this kitchen's choices, which are the defaults of every new plan. */
export const HouseRules = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const request = useAppSelector((state) => state.draft.request);
  const { saltAhead, temper, way, pan, fat, cover } = request;
  const change = (changed: Partial<PlanRequest>) => dispatch(requestChanged(changed));
  return (
    <View className="gap-3">
      <Dispute says={t('salt')} />
      <Choice
        label={t('salt')}
        value={String(saltAhead)}
        onChange={(ahead) =>
          dispatch(
            requestChanged({
              saltAhead: Number(ahead),
              surface: Number(ahead) >= AIRED_FROM ? 'aired' : 'dry',
            }),
          )
        }
        options={SALT_SCHOOLS.map((value) => ({
          value: String(value),
          label: value === 0 ? t('at-the-pan') : describeAhead(value),
        }))}
      />
      <Dispute says={t('out-of-the-fridge')} />
      <Choice
        label={t('out-of-the-fridge')}
        value={String(temper)}
        onChange={(seconds) => dispatch(requestChanged({ temper: Number(seconds) }))}
        options={TEMPER_SCHOOLS.map((value) => ({
          value: String(value),
          label: value === 0 ? t('straight-in') : t('min', { value: value / 60 }),
        }))}
      />
      <Dispute says={t('the-pan')} />
      <Choice
        label={t('the-pan')}
        value={pan >= 250 ? 'hot' : 'moderate'}
        onChange={(heat) => dispatch(requestChanged({ pan: heat === 'hot' ? 270 : 215 }))}
        options={[
          { value: 'moderate', label: t('moderate', { degrees: show.degrees(215) }) },
          { value: 'hot', label: t('as-hot-as-it-goes', { degrees: show.degrees(270) }) },
        ]}
      />
      <Dispute says={t('turns')} />
      <Choice
        label={t('turns')}
        value={WAY_TRAITS[way].turned}
        onChange={(turns) => dispatch(requestChanged({ way: turns }))}
        options={[
          { value: 'once', label: t('once') },
          { value: 'often', label: t('often') },
        ]}
      />
      <Dispute says={t('fat')} />
      <Choice
        label={t('fat')}
        value={fat}
        onChange={(id) => dispatch(requestChanged({ fat: id }))}
        options={FATS.map(({ id, name }) => ({ value: id, label: name }))}
      />
      <Dispute says={t('cover-in-the-rest')} />
      <Choice
        label={t('cover-in-the-rest')}
        value={cover}
        onChange={(value) => dispatch(requestChanged({ cover: value }))}
        options={REST_COVERS.map((value) => ({ value, label: COVERS[value] }))}
      />
      <Dispute says={t('burner-when-food-goes-in')} />
      <Choice
        label={t('burner-when-food-goes-in')}
        value={request.knob}
        onChange={(knob) => change({ knob })}
        options={KNOB_OPTIONS}
      />
      <Dispute says={t('on-the-iron')} />
      <Choice
        label={t('on-the-iron')}
        value={request.press}
        onChange={(press) => change({ press })}
        options={PRESS_OPTIONS}
      />
      <Dispute says={t('it-rests')} />
      <Choice
        label={t('it-rests')}
        value={request.restOn}
        onChange={(restOn) => change({ restOn })}
        options={REST_SURFACES.map((value) => ({ value, label: capital(REST_ON_WORDS[value]) }))}
      />
      <Dispute says={t('the-oven')} />
      <Choice
        label={t('the-oven')}
        value={request.ovenFuel}
        onChange={(ovenFuel) => change({ ovenFuel })}
        options={OVEN_FUELS.map((value) => ({ value, label: FUEL_WORDS[value] }))}
      />
      <Choice
        label={t('below-the-rack')}
        value={request.tray ? 'tray' : 'none'}
        onChange={(tray) => change({ tray: tray === 'tray' })}
        options={[
          { value: 'none', label: t('nothing-near-it') },
          { value: 'tray', label: t('a-tray') },
        ]}
      />
      <Dispute says={t('the-thermometer-goes-in')} />
      <Choice
        label={t('the-thermometer-goes-in')}
        value={request.stem}
        onChange={(stem) => change({ stem })}
        options={STEM_SIDES.map((value) => ({ value, label: capital(STEM_WORDS[value]) }))}
      />
    </View>
  );
};
