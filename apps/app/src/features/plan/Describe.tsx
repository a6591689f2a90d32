import { useState } from 'react';
import { Pressable } from 'react-native';
import { chunk } from '../../ui/chunk';
import { Text } from '../../ui/Text';
import { t } from './t';

/** The field and the grammar come when they are asked for: the first load is for the first figures. */
const Field = chunk(() => import('./DescribeField').then((m) => m.DescribeField)).Chunk;

/** Text in the page's address: `?say=` of a link, `?text=` shared by another program. */
const saidInLink = (): string => {
  const asked = new URLSearchParams(globalThis.location.search);
  return asked.get('say') ?? asked.get('text') ?? '';
};

/** A dinner in the cook's own words, which fills the sentence under it. */
export const Describe = () => {
  const [said] = useState(saidInLink);
  const [open, setOpen] = useState(said !== '');
  if (open) return <Field said={said} />;
  return (
    <Pressable
      role="button"
      onPress={() => setOpen(true)}
      className="min-h-touch justify-center self-start"
    >
      <Text tone="text-flame-light" className="underline">
        {t('describe-what-you-cook')}
      </Text>
    </Pressable>
  );
};
