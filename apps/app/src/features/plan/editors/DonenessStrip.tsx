import { translateName } from '@crustan/messages';
import { Pressable, View } from 'react-native';
import { stepAt, type DonenessStep } from '@crustan/core/doneness';
import type { Species } from '@crustan/core/food';
import { Text } from '../../../ui/Text';
import { fleshColour } from '../../../ui/ramps';
import { useShow } from '../../../words/useShow';
import { t } from '../t';

interface Props {
  readonly species: Species;
  readonly scale: readonly DonenessStep[];
  readonly target: number;
  readonly onChange: (celsius: number) => void;
}

/** The species' doneness scale in the slice's own colours. */
export const DonenessStrip = ({ species, scale, target, onChange }: Props) => {
  const show = useShow();
  const chosen = stepAt(scale, target)?.name;
  return (
    <View role="radiogroup" aria-label={t('doneness')} className="flex-row flex-wrap gap-1">
      {scale.map((step) => (
        <Pressable
          key={step.name}
          role="radio"
          aria-checked={step.name === chosen}
          onPress={() => onChange(step.target)}
          className={`min-h-touch min-w-[31%] flex-1 rounded border-2 bg-salt-0 p-1 ${
            step.name === chosen ? 'border-flame-light' : 'border-transparent'
          }`}
        >
          <View style={{ height: 16, backgroundColor: fleshColour(species, step.target) }} />
          <Text voice={step.name === chosen ? 'label' : 'small'}>
            {`${translateName(step.name)} ${show.degrees(step.target)}`}
          </Text>
        </Pressable>
      ))}
    </View>
  );
};
