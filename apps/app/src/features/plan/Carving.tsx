import { translateName } from '@crustan/messages';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { carvingOf } from '@crustan/core/food/carving';
import { lossOf } from '@crustan/core/heat/drip';
import type { CookPlan } from '@crustan/core/plan';
import { cutOf } from '@crustan/core/plan/request';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { t } from './t';

const TABLES = ['2', '3', '4', '5', '6', '8', '10', '12'] as const;

/** Portion per person below which it is too little, and above which there are leftovers, kg. Typical. */
const ENOUGH = [0.15, 0.35] as const;

/** Carving of a whole piece for a number of people: portion of each, and thickness of the slices. */
export const Carving = memo(function Carving({ plan }: { readonly plan: CookPlan }) {
  const show = useShow();
  const [people, setPeople] = useState<(typeof TABLES)[number]>('6');
  const { request } = plan;
  const cut = cutOf(request);
  const { served, each, slice } = carvingOf(cut, request, lossOf(plan).central, Number(people));
  return (
    <View className="gap-3">
      <Choice
        label={t('at-table')}
        value={people}
        onChange={setPeople}
        options={TABLES.map((value) => ({ value, label: value }))}
      />
      <Text aria-live="polite">
        {t('to-carve-for-each-of-a-slice', {
          weight: show.weight(served),
          part: cut.ribs === undefined ? '' : t('the-ribs-left-out'),
          weight2: show.weight(each),
          people,
          length: show.length(slice),
          part2: each < ENOUGH[0] ? t('that-is-little-a-larger-piece') : '',
          part3: each > ENOUGH[1] ? t('there-will-be-some-left') : '',
        })}
      </Text>
      <Text voice="small">{t('sliced', { slicing: translateName(cut.slicing) })}</Text>
    </View>
  );
});
