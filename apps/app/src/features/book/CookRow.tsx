import { describeJudged } from '../../words/judgedWords';
import { memo } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import type { CookLine } from '@crustan/core/formats';
import { showDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { t } from './t';

/** A figure with what it stands against. */
const Pair = ({ value, against }: { readonly value: string; readonly against: string }) => (
  <View className="w-[5.75rem]">
    <Text voice="figure">{value}</Text>
    <Text voice="note" tone="text-iron-500">
      {against}
    </Text>
  </View>
);

/** A cook as one line of the logbook. */
export const CookRow = memo(function CookRow({ cook }: { readonly cook: CookLine }) {
  const show = useShow();
  const { endTemperature, actualSeconds, loss } = cook;
  return (
    <View role="listitem" className="border-t border-salt-200">
      <Link href={`/book/${cook.id}`} className="py-3">
        <View className="w-full gap-1 md:flex-row md:items-center md:gap-4">
          <View className="md:flex-1">
            <Text voice="strong">{cook.title}</Text>
            <Text voice="small" tone="text-iron-500">
              {`${show.day(cook.createdAt)} · ${WAY_NAMES[cook.way].toLowerCase()}${cook.learned ? t('with-what-was-learned') : ''}${cook.photo ? t('photograph') : ''}`}
            </Text>
          </View>
          <View className="flex-row flex-wrap items-baseline gap-x-4">
            <Pair
              value={endTemperature === undefined ? '–' : show.degrees(endTemperature)}
              against={t('for', { degrees: show.degrees(cook.target) })}
            />
            <Pair
              value={actualSeconds === undefined ? '–' : showDuration(actualSeconds)}
              against={t('plan', { duration: showDuration(cook.cookSeconds) })}
            />
            <Pair
              value={describeJudged(cook.crust)}
              against={
                !cook.finished
                  ? t('under-way')
                  : loss === undefined
                    ? t('crust-2')
                    : t('crust-lost', { value: Math.round(loss * 100) })
              }
            />
          </View>
        </View>
      </Link>
    </View>
  );
});
