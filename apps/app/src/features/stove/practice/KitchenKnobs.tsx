import { useState } from 'react';
import { View } from 'react-native';
import { ovenAir } from '@crustan/core/plan/ovenAir';
import type { PracticeDeed } from '../../../workers/live.worker';
import { Choice } from '../../../ui/Choice';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import type { LessonPiece } from './lessons';

const BURNER = ['0', '25', '50', '75', '100'] as const;
/** Round the plan's own, K. */
const DIALS = [-40, -20, 0, 20, 40] as const;

interface Props {
  readonly oven: boolean;
  readonly piece: LessonPiece;
  readonly act: (deed: PracticeDeed) => void;
}

/** The burner's knob and the oven's dial. */
export const KitchenKnobs = ({ oven, piece: { request, start, dial }, act }: Props) => {
  const show = useShow();
  const [burner, setBurner] = useState(String(Math.round(100 * (start?.burner ?? 0))));
  const usual = dial ?? ovenAir(request) ?? request.hotOven;
  const [set, setSet] = useState(String(usual));
  return (
    <View className="gap-3">
      <View className="gap-2">
        <Text voice="label" tone="text-salt-50">
          Burner, % of full
        </Text>
        <Choice
          label="Burner"
          onIron
          value={burner}
          onChange={(value) => {
            setBurner(value);
            act({ do: 'burner', setting: Number(value) / 100 });
          }}
          options={BURNER.map((value) => ({ value, label: value }))}
        />
      </View>
      {oven ? (
        <View className="gap-2">
          <Text voice="label" tone="text-salt-50">
            Oven dial
          </Text>
          <Choice
            label="Oven dial"
            onIron
            value={set}
            onChange={(value) => {
              setSet(value);
              act({ do: 'oven', dial: Number(value) });
            }}
            options={DIALS.map((by) => ({
              value: String(usual + by),
              label: show.degrees(usual + by),
            }))}
          />
        </View>
      ) : null}
    </View>
  );
};
