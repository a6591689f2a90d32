import { View } from 'react-native';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import { cutOf, USUAL_BLAST, type PlanRequest } from '@crustan/core/plan/request';
import { usesLowOven, usesOven, waysFor } from '@crustan/core/plan/way';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Measure } from '../../../ui/Measure';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import { FUEL_WORDS } from '../../../words/kitchenWords';
import { Hint } from './Hint';
import { HoldEditor } from './HoldEditor';
import { t } from '../t';

/** Codes discourage an oven under this from raw, C (200 F). */
const DISCOURAGED = 93;

/** The ovens a piece's ways go through: low before its browning, hot after it, a blast at the end. */
export const OvenEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const ways = waysFor(cutOf(request));
  const finishes = ways.some((way) => usesOven(way) && !usesLowOven(way));
  const change = (changed: Partial<PlanRequest>) => dispatch(requestChanged(changed));
  return (
    <View className="gap-3">
      <Measure
        units={show.units}
        label={t('low-oven')}
        named
        kind="temperature"
        value={request.lowOven}
        {...PLAN_LIMITS.lowOven}
        typical={[70, 150]}
        onChange={(lowOven) => change({ lowOven })}
      />
      {request.lowOven < DISCOURAGED ? (
        <Text voice="small" role="note">
          {t('most-codes-discourage-an-oven-under-for', {
            temperature: show.temperature(DISCOURAGED),
          })}
        </Text>
      ) : null}
      {finishes ? (
        <Measure
          units={show.units}
          label={t('hot-oven')}
          named
          kind="temperature"
          value={request.hotOven}
          {...PLAN_LIMITS.hotOven}
          typical={[140, 240]}
          onChange={(hotOven) => change({ hotOven })}
        />
      ) : null}
      {ways.includes('oven-blast') ? (
        <Measure
          units={show.units}
          label={t('blast-at-the-end')}
          named
          kind="temperature"
          value={request.blast ?? USUAL_BLAST}
          {...PLAN_LIMITS.blast}
          typical={[220, 290]}
          onChange={(blast) => change({ blast })}
        />
      ) : null}
      {ways.some(usesLowOven) ? <HoldEditor /> : null}
      <Choice
        label={t('fan')}
        value={request.fan ? 'fan' : 'still'}
        onChange={(fan) => change({ fan: fan === 'fan' })}
        options={[
          { value: 'still', label: t('still-air') },
          { value: 'fan', label: t('fan'), detail: t('about-half-again-as-quick') },
        ]}
      />
      <Choice
        label={t('oven')}
        value={request.ovenFuel}
        onChange={(ovenFuel) => change({ ovenFuel })}
        options={[
          { value: 'electric', label: FUEL_WORDS.electric },
          { value: 'gas', label: FUEL_WORDS.gas, detail: t('its-flame-makes-the-air-moist') },
        ]}
      />
      <Choice
        label={t('tray-below-the-rack')}
        value={request.tray ? 'tray' : 'none'}
        onChange={(tray) => change({ tray: tray === 'tray' })}
        options={[
          { value: 'none', label: t('no-tray-near-it') },
          { value: 'tray', label: t('a-tray-below'), detail: t('shields-the-lower-face-slower') },
        ]}
      />
      {finishes ? (
        <Choice
          label={t('in-the-hot-oven')}
          value={request.ovenOn}
          onChange={(ovenOn) => change({ ovenOn })}
          options={[
            { value: 'rack', label: t('on-a-rack') },
            { value: 'pan', label: t('in-its-pan'), detail: t('the-handle-is-as-hot-as-the') },
          ]}
        />
      ) : null}
      <Choice
        label={t('turned-in-the-oven')}
        value={request.ovenTurn ? 'half' : 'no'}
        onChange={(turn) => change({ ovenTurn: turn === 'half' })}
        options={[
          { value: 'no', label: t('left-alone') },
          { value: 'half', label: t('turned-half-way') },
        ]}
      />
      <Hint>{t('air-temperature-not-the-dial-set-your')}</Hint>
    </View>
  );
};
