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

/** Fridge temperature, and the actual effect of tempering. */
export const StartEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const schools = useAsked('temper', request);
  return (
    <View className="gap-3">
      <Measure
        units={show.units}
        label="Start temperature"
        kind="temperature"
        value={request.start}
        {...PLAN_LIMITS.start}
        typical={[0, 25]}
        onChange={(start) => dispatch(requestChanged({ start }))}
      />
      <Text voice="label">Frozen, and how it thaws</Text>
      <Choice
        label="Frozen, and how it thaws"
        value={request.thaw ?? 'fresh'}
        onChange={(place) =>
          dispatch(requestChanged({ thaw: place === 'fresh' ? undefined : place }))
        }
        options={[
          { value: 'fresh' as const, label: 'Not frozen' },
          ...THAW_PLACES.map((value) => ({ value, label: capital(THAW_WORDS[value]) })),
        ]}
      />
      {request.thaw === 'counter' ? (
        <Text voice="small" role="alert">
          Not advised: its outside is warm for hours while the middle is still ice. The fridge, or a
          bag under the cold tap.
        </Text>
      ) : null}
      <Text voice="label">On the counter before the heat</Text>
      <Choice
        label="On the counter before the heat"
        value={String(request.temper)}
        onChange={(temper) => dispatch(requestChanged({ temper: Number(temper) }))}
        options={TEMPER_SCHOOLS.map((seconds) => ({
          value: String(seconds),
          label: seconds === 0 ? 'Straight in' : `${seconds / 60} min out`,
        }))}
      />
      {schools ? (
        <View role="list" aria-label="What standing out changes" className="gap-1">
          {schools.slice(1).map(({ seconds, core, surface, saves }) => (
            <Text key={seconds} voice="small" role="listitem">
              {`${seconds / 60} min: core ${show.degrees(core)}, surface ${show.degrees(surface)}${
                saves === undefined
                  ? ''
                  : saves > 5
                    ? `; saves ${formatDuration(Math.round(saves / 5) * 5)}`
                    : '; saves nothing'
              }.`}
            </Text>
          ))}
        </View>
      ) : null}
      <Hint>
        {`Fridges run ${show.degrees(2)} to ${show.temperature(7)}. Between ${show.degrees(5)} and ${show.temperature(60)} two hours in all, one in a hot kitchen.`}
      </Hint>
    </View>
  );
};
