import { useState } from 'react';
import { View } from 'react-native';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import type { PlanRequest } from '@crustan/core/plan/request';
import { Button } from '../../../ui/Button';
import { Measure } from '../../../ui/Measure';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import { useThinEnd } from '../useThinEnd';
import { t } from '../t';

/** A thin end that would end this much hotter is to be trimmed or tied, K. */
const WORTH_TYING = 4;

/** Advice for a piece with a thin end: that end's peak at the thick end's time, and measures. */
export const UnevenAdvice = ({ request }: { readonly request: PlanRequest }) => {
  const show = useShow();
  const [thin, setThin] = useState<number>();
  const end = useThinEnd(request, thin);
  if (thin === undefined) {
    return (
      <View className="items-start">
        <Button
          kind="plain"
          label={t('one-end-is-thinner')}
          onPress={() => setThin(request.thickness * 0.7)}
        />
      </View>
    );
  }
  const over = end === undefined ? undefined : end - request.target;
  return (
    <View className="gap-2">
      <Measure
        units={show.units}
        label={t('thin-end')}
        named
        kind="thickness"
        value={thin}
        least={PLAN_LIMITS.thickness.least}
        most={request.thickness}
        onChange={setThin}
      />
      <Text voice="small" aria-live="polite">
        {end === undefined || over === undefined
          ? t('simulating-the-thin-end')
          : t('on-the-thick-ends-clock-the-thin', {
              temperature: show.temperature(end),
              part:
                over > WORTH_TYING
                  ? t('tie-it-with-twine-to-one-thickness')
                  : t('near-enough-leave-it-whole'),
            })}
      </Text>
    </View>
  );
};
