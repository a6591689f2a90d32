import { View } from 'react-native';
import type { Sizzle } from '@crustan/core/heat/sizzle';
import type { Senses } from '@crustan/core/simulation/practiceKitchen';
import { Text } from '../../../ui/Text';
import { t } from '../t';

export const SIZZLE_WORDS: Readonly<Record<Sizzle, string>> = {
  silence: t('silence'),
  murmur: t('a-murmur'),
  steady: t('a-steady-sizzle'),
  fierce: t('a-fierce-crackle'),
};

/** Signs of a piece that a cook notices without instruments. */
export const Noticed = ({ senses }: { readonly senses: Senses }) => (
  <View className="gap-1" role="list" aria-label={t('what-you-notice')}>
    {[
      [t('you-hear'), SIZZLE_WORDS[senses.sound]],
      [t('you-see'), t('on-the-upper-face', { replace: senses.colour.replace('-', ' ') })],
      [t('smoke'), senses.smoke],
      [t('to-the-finger'), senses.firmness],
      [t('butter'), senses.butter],
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
