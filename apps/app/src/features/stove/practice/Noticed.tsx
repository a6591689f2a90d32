import { View } from 'react-native';
import type { Sizzle } from '@crustan/core/heat/sizzle';
import type { Senses } from '@crustan/core/simulation/practiceKitchen';
import { Text } from '../../../ui/Text';

export const SIZZLE_WORDS: Readonly<Record<Sizzle, string>> = {
  silence: 'silence',
  murmur: 'a murmur',
  steady: 'a steady sizzle',
  fierce: 'a fierce crackle',
};

/** Signs of a piece that a cook notices without instruments. */
export const Noticed = ({ senses }: { readonly senses: Senses }) => (
  <View className="gap-1" role="list" aria-label="What you notice">
    {[
      ['You hear', SIZZLE_WORDS[senses.sound]],
      ['You see', `${senses.colour.replace('-', ' ')} on the upper face`],
      ['Smoke', senses.smoke],
      ['To the finger', senses.firmness],
      ['Butter', senses.butter],
    ].map(([what, is]) => (
      <View key={what} role="listitem" className="flex-row gap-3">
        <Text tone="text-iron-400" className="w-[6.875rem]">
          {what}
        </Text>
        <Text tone="text-salt-50" className="flex-1">
          {is}
        </Text>
      </View>
    ))}
  </View>
);
