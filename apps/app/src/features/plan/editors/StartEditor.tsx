import { View } from 'react-native';
import { THAW_PLACES } from '@crustan/core/heat/icePlaces';
import { TEMPER_SCHOOLS } from '@crustan/core/plan/schools';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import type { PlanRequest } from '@crustan/core/plan/request';
import { formatDuration } from '@crustan/core/units';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Measure } from '../../../ui/Measure';
import { Text } from '../../../ui/Text';
import { capital } from '../../../words/cutWords';
import { THAW_WORDS } from '../../../words/kitchenWords';
import { useShow } from '../../../words/useShow';
import { useAsked } from '../../../workers/useAsked';
import { Hint } from './Hint';
import { t } from '../t';

/** Fridge temperature, and the actual effect of tempering. */
export const StartEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const schools = useAsked('temper', request);
  return (
    <View className="gap-3">
      <Measure
        units={show.units}
        label={t('start-temperature')}
        kind="temperature"
        value={request.start}
        {...PLAN_LIMITS.start}
        typical={[0, 25]}
        onChange={(start) => dispatch(requestChanged({ start }))}
      />
      <Text voice="label">{t('frozen-and-how-it-thaws')}</Text>
      <Choice
        label={t('frozen-and-how-it-thaws')}
        value={request.thaw ?? 'fresh'}
        onChange={(place) =>
          dispatch(requestChanged({ thaw: place === 'fresh' ? undefined : place }))
        }
        options={[
          { value: 'fresh' as const, label: t('not-frozen-2') },
          ...THAW_PLACES.map((value) => ({ value, label: capital(THAW_WORDS[value]) })),
        ]}
      />
      {request.thaw === 'counter' ? (
        <Text voice="small" role="alert">
          {t('not-advised-its-outside-is-warm-for')}
        </Text>
      ) : null}
      <Text voice="label">{t('on-the-counter-before-the-heat')}</Text>
      <Choice
        label={t('on-the-counter-before-the-heat')}
        value={String(request.temper)}
        onChange={(temper) => dispatch(requestChanged({ temper: Number(temper) }))}
        options={TEMPER_SCHOOLS.map((seconds) => ({
          value: String(seconds),
          label: seconds === 0 ? t('straight-in') : t('min-out', { value: seconds / 60 }),
        }))}
      />
      {schools ? (
        <View role="list" aria-label={t('what-standing-out-changes')} className="gap-1">
          {schools.slice(1).map(({ seconds, core, surface, saves }) => (
            <Text key={seconds} voice="small" role="listitem">
              {t('min-core-surface', {
                value: seconds / 60,
                degrees: show.degrees(core),
                degrees2: show.degrees(surface),
                part:
                  saves === undefined
                    ? ''
                    : saves > 5
                      ? t('saves', { duration: formatDuration(Math.round(saves / 5) * 5) })
                      : t('saves-nothing'),
              })}
            </Text>
          ))}
        </View>
      ) : null}
      <Hint>
        {t('fridges-run-to-between-and-two-hours', {
          degrees: show.degrees(2),
          temperature: show.temperature(7),
          degrees2: show.degrees(5),
          temperature2: show.temperature(60),
          hot: show.temperature(32),
        })}
      </Hint>
    </View>
  );
};
