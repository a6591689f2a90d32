import { useState } from 'react';
import { View } from 'react-native';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import type { PlanRequest } from '@crustan/core/plan/request';
import { Button } from '../../../ui/Button';
import { Measure } from '../../../ui/Measure';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import { useThinEnd } from '../useThinEnd';

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
          label="One end is thinner"
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
        label="Thin end"
        named
        kind="thickness"
        value={thin}
        least={PLAN_LIMITS.thickness.least}
        most={request.thickness}
        onChange={setThin}
      />
      <Text voice="small" aria-live="polite">
        {end === undefined || over === undefined
          ? 'Simulating the thin end…'
          : `On the thick end's clock the thin end peaks at ${show.temperature(end)}. ${
              over > WORTH_TYING
                ? 'Tie it with twine to one thickness, or cut the thin end off and cook it apart.'
                : 'Near enough: leave it whole.'
            }`}
      </Text>
    </View>
  );
};
