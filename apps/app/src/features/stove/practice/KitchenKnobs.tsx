import { useState } from 'react';
import { View } from 'react-native';
import { ovenAir } from '@crustan/core/plan/ovenAir';
import type { PracticeDeed } from '../../../workers/live.worker';
import { Choice, type Option } from '../../../ui/Choice';
import { Text } from '../../../ui/Text';
import { useShow } from '../../../words/useShow';
import type { LessonPiece } from './lessons';
import { t } from '../t';

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
  const initial = dial ?? ovenAir(request) ?? request.hotOven;
  const [set, setSet] = useState(String(initial));
  return (
    <View className="gap-3">
      <Knob
        says={t('burner-of-full')}
        label={t('burner')}
        value={burner}
        options={BURNER.map((value) => ({ value, label: value }))}
        onTurn={(value) => {
          setBurner(value);
          act({ do: 'burner', setting: Number(value) / 100 });
        }}
      />
      {oven ? (
        <Knob
          says={t('oven-dial')}
          label={t('oven-dial')}
          value={set}
          options={DIALS.map((by) => ({
            value: String(initial + by),
            label: show.degrees(initial + by),
          }))}
          onTurn={(value) => {
            setSet(value);
            act({ do: 'oven', dial: Number(value) });
          }}
        />
      ) : null}
    </View>
  );
};

interface KnobProps {
  readonly says: string;
  readonly label: string;
  readonly value: string;
  readonly options: readonly Option<string>[];
  readonly onTurn: (value: string) => void;
}

const Knob = ({ says, label, value, options, onTurn }: KnobProps) => (
  <View className="gap-2">
    <Text voice="label" tone="text-salt-50">
      {says}
    </Text>
    <Choice label={label} onIron value={value} onChange={onTurn} options={options} />
  </View>
);
