import { View } from 'react-native';
import type { SaltSchool } from '@crustan/core/plan';
import { AIRED_FROM, isAwkward, saltMass, SALT_SCHOOLS } from '@crustan/core/plan/schools';
import type { PlanRequest } from '@crustan/core/plan/request';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import { showDuration, type UnitSystem } from '@crustan/core/units';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Slider } from '../../../ui/Slider';
import { Text } from '../../../ui/Text';
import { describeAhead } from '../../../words/stepWords';
import { useShow } from '../../../words/useShow';
import { useAsked } from '../../../workers/useAsked';
import { formatSpoons } from '../formatSpoons';
import { formatFixed } from '../../../words/formatFixed';
import { t } from '../t';

const WHEN: Readonly<Record<(typeof SALT_SCHOOLS)[number], string>> = {
  0: t('at-the-pan'),
  900: t('a-quarter-of-an-hour'),
  2700: t('45-minutes'),
  43_200: t('overnight'),
  172_800: t('two-days'),
};

const nearestSchool = (ahead: number): number =>
  SALT_SCHOOLS.reduce((best, school) =>
    Math.abs(school - ahead) < Math.abs(best - ahead) ? school : best,
  );

/** Salted days ahead a face dries meanwhile; one that is dried by itself stays so. */
const surfaceWith = (
  { airing }: PlanRequest,
  ahead: number,
): Pick<PlanRequest, 'surface' | 'airing'> => {
  if (airing && airing.seconds > ahead) return { surface: 'aired', airing };
  return { surface: ahead >= AIRED_FROM ? 'aired' : 'dry', airing: undefined };
};

/** Amount of salt, in grams and in this kitchen's spoons, and its time, by each school. */
export const SaltEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const salt = useAppSelector(({ kitchen }) => kitchen.salts[kitchen.salt] ?? kitchen.salts[0]);
  const schools = useAsked('salt', request);
  const grams = saltMass(request) * 1000 * request.pieces;
  return (
    <View className="gap-3">
      <View className="flex-row items-center gap-3">
        <View className="flex-1">
          <Slider
            label={t('salt-by-weight')}
            value={request.salt * 100}
            least={PLAN_LIMITS.salt.least * 100}
            most={2.5}
            step={0.1}
            says={t('per-cent', { value: formatFixed(request.salt * 100, 1) })}
            onChange={(percent) => dispatch(requestChanged({ salt: percent / 100 }))}
          />
        </View>
        <Text voice="bigFigure">{`${formatFixed(request.salt * 100, 1)}\u00a0%`}</Text>
      </View>
      <Text>
        {formatAmount(grams, salt, show.units)}
        {request.saltAhead < 900 ? t('what-falls-off-in-the-pan-is') : ''}
      </Text>
      <Choice
        label={t('when-to-salt')}
        value={String(nearestSchool(request.saltAhead))}
        onChange={(ahead) =>
          dispatch(
            requestChanged({
              saltAhead: Number(ahead),
              ...surfaceWith(request, Number(ahead)),
            }),
          )
        }
        options={SALT_SCHOOLS.map((ahead) => ({ value: String(ahead), label: WHEN[ahead] }))}
      />
      {isAwkward(request.saltAhead) ? (
        <Text voice="small" role="note">
          {t('the-awkward-middle-the-brine-is-out')}
        </Text>
      ) : null}
      {schools ? <Schools schools={schools} chosen={nearestSchool(request.saltAhead)} /> : null}
      <Text voice="small" tone="text-iron-500">
        {t('depth-by-diffusion-in-meat-brine-and', { degrees: show.degrees(4) })}
      </Text>
    </View>
  );
};

interface SchoolsProps {
  readonly schools: readonly SaltSchool[];
  readonly chosen: number;
}

const Schools = ({ schools, chosen }: SchoolsProps) => {
  const show = useShow();
  return (
    <View role="table" aria-label={t('when-to-salt-compared')}>
      <View role="row" className="flex-row border-b border-iron-950 pb-1">
        {[t('ahead'), t('deep'), t('brine'), t('golden-after')].map((name) => (
          <Text key={name} voice="note" role="columnheader" tone="text-iron-500" className="flex-1">
            {name}
          </Text>
        ))}
      </View>
      {schools.map(({ ahead, depths: [least, most], brine, golden }) => (
        <View key={ahead} role="row" className="flex-row border-b border-salt-200 py-1">
          <Text voice={ahead === chosen ? 'label' : 'small'} role="rowheader" className="flex-1">
            {ahead === 0 ? t('at-the-pan-2') : describeAhead(ahead)}
          </Text>
          <Text voice="small" role="cell" className="flex-1">
            {most > least
              ? t('to-5', { depth: show.depth(least), depth2: show.depth(most) })
              : show.depth(least)}
          </Text>
          <Text voice="small" role="cell" className="flex-1">
            {t('g-m', { value: Math.round(brine * 1000) })}
          </Text>
          <Text voice="small" role="cell" className="flex-1">
            {showDuration(golden)}
          </Text>
        </View>
      ))}
    </View>
  );
};

/** Amount of salt, by weight and in this kitchen's spoons; spoons first if the cook measures by them. */
const formatAmount = (
  grams: number,
  salt: { readonly name: string; readonly gramsPerTeaspoon: number } | undefined,
  units: UnitSystem,
): string => {
  const weight = t('g', { grams: formatFixed(grams, 1) });
  if (!salt) return `${weight}.`;
  const spoons = t('of', { spoons: formatSpoons(grams / salt.gramsPerTeaspoon), name: salt.name });
  return units === 'imperial' ? `${spoons} (${weight}).` : `${weight}: ${spoons}.`;
};
