import { translateName } from '@crustan/messages';
import { View } from 'react-native';
import { footprint } from '@crustan/core/food';
import { DRYING_PLACES, type DryingPlace } from '@crustan/core/heat/fridgeDrying';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import { airedLoss, resolveFridgeDrying } from '@crustan/core/plan/surfaceFilm';
import { KEEPS_RAW } from '@crustan/core/safety';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Slider } from '../../../ui/Slider';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import { describeAhead } from '../../../words/stepWords';
import { formatFixed } from '../../../words/formatFixed';
import { t } from '../t';

const PLACES: Readonly<Record<DryingPlace, { readonly label: string; readonly detail: string }>> = {
  rack: { label: t('on-a-rack'), detail: t('uncovered-still-air') },
  fan: { label: t('on-a-rack-fan'), detail: t('a-fridge-that-blows') },
  towels: { label: t('in-towels'), detail: t('renewed-every-day') },
};

const HOUR = 3600;
const DAY = 24 * HOUR;
/** Default duration of drying and its step, s. */
const USUAL_AIRING = DAY;
const STEP = 6 * HOUR;

const percent = (share: number): string => formatFixed(100 * share, 1);

/** Wetness of the faces when they meet the pan; for drying in the fridge: method, duration and weight loss. */
export const SurfaceEditor = () => {
  const dispatch = useAppDispatch();
  // Not the deferred draft: a key that is held down moves the slider each time.
  const request = useAppSelector((state) => state.draft.request);
  const change = (changed: Partial<PlanRequest>) => dispatch(requestChanged(changed));
  return (
    <View className="gap-3">
      <Choice
        label={t('surface')}
        value={request.surface}
        onChange={(surface) => {
          const seconds = Math.max(USUAL_AIRING, request.saltAhead);
          change({ surface, airing: surface === 'aired' ? { in: 'rack', seconds } : undefined });
        }}
        options={[
          { value: 'dry', label: t('patted-dry'), detail: t('browns-at-once') },
          { value: 'wet', label: t('still-wet'), detail: t('its-water-must-boil-off-first') },
          { value: 'aired', label: t('dried-in-the-fridge'), detail: t('hours-or-days-ahead') },
        ]}
      />
      {request.surface === 'aired' ? <AiringEditor request={request} change={change} /> : null}
    </View>
  );
};

interface AiringProps {
  readonly request: PlanRequest;
  readonly change: (changed: Partial<PlanRequest>) => void;
}

const AiringEditor = ({ request, change }: AiringProps) => {
  const show = useShow();
  const airing = resolveFridgeDrying(request);
  const cut = cutOf(request);
  const { likely, least, most } = airedLoss(request);
  // Both faces of the piece.
  const perWeight = (2 * footprint(cut, request.weight, request.thickness).area) / request.weight;
  const keeps = KEEPS_RAW[cut.species];
  return (
    <>
      <Choice
        label={t('dried')}
        value={airing.in}
        onChange={(place) => change({ airing: { ...airing, in: place } })}
        options={DRYING_PLACES.map((value) => ({ value, ...PLACES[value] }))}
      />
      <Slider
        label={t('dried-for')}
        value={Math.round(airing.seconds / STEP)}
        least={1}
        most={PLAN_LIMITS.airing.most / STEP}
        step={1}
        says={describeAhead(airing.seconds)}
        onChange={(steps) => change({ airing: { ...airing, seconds: steps * STEP } })}
      />
      <Text aria-live="polite">
        {t('in-about-of-its-weight-goes-as', {
          ahead: describeAhead(airing.seconds),
          percent: percent(likely * perWeight),
          percent2: percent(least * perWeight),
          percent3: percent(most * perWeight),
          value: Math.round(likely * 1000),
        })}
      </Text>
      {airing.seconds > keeps.least * DAY ? (
        <Text voice="small" role="note">
          {t('raw-it-keeps-to-days-at-or', {
            least: keeps.least,
            most: keeps.most,
            temperature: show.temperature(4),
            source: translateName(keeps.source),
          })}
        </Text>
      ) : null}
    </>
  );
};
