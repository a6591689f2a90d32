import { View } from 'react-native';
import type { Sizzle } from '@crustan/core/heat/sizzle';
import type { Senses } from '@crustan/core/simulation/practiceKitchen';
import { Text } from '../../../ui/Text';
import { FIRMNESS_WORDS } from '../../../words/firmnessWords';
import { JUDGED_WORDS } from '../../../words/judgedWords';
import { t } from '../t';

export const SIZZLE_WORDS: Readonly<Record<Sizzle, string>> = {
  silence: t('silence'),
  murmur: t('a-murmur'),
  steady: t('a-steady-sizzle'),
  fierce: t('a-fierce-crackle'),
};

const SMOKE_WORDS: Readonly<Record<Senses['smoke'], string>> = {
  none: t('none-2'),
  wisp: t('smoke-wisp'),
  thick: t('smoke-thick'),
};

const BUTTER_WORDS: Readonly<Record<Senses['butter'], string>> = {
  none: t('none-2'),
  foaming: t('butter-foaming'),
  brown: t('butter-brown'),
  burnt: t('butter-burnt'),
};

/** Signs of a piece that a cook notices without instruments. */
export const Noticed = ({ senses }: { readonly senses: Senses }) => (
  <View className="gap-1" role="list" aria-label={t('what-you-notice')}>
    {[
      [t('you-hear'), SIZZLE_WORDS[senses.sound]],
      [
        t('you-see'),
        t('on-the-upper-face', { replace: JUDGED_WORDS[senses.colour].toLowerCase() }),
      ],
      [t('smoke'), SMOKE_WORDS[senses.smoke]],
      [t('to-the-finger'), FIRMNESS_WORDS[senses.firmness]],
      [t('butter'), BUTTER_WORDS[senses.butter]],
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
