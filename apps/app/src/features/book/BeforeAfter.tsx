import { View } from 'react-native';
import { Link } from 'expo-router';
import type { BeforeAfter as Past } from '@crustan/core/learn/learnKitchen';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { t } from './t';

interface Props {
  readonly past: readonly Past[];
  readonly titles: ReadonlyMap<string, string>;
}

/** Longest bar, K: further off is drawn as far. */
const WIDEST = 8;

const sizeOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + Math.abs(value), 0) / Math.max(1, values.length);

/** A miss as a bar from the middle, too hot to the right. */
const Bar = ({ kelvin, filled }: { readonly kelvin: number; readonly filled: boolean }) => {
  const share = Math.min(1, Math.abs(kelvin) / WIDEST) * 50;
  return (
    <View className="h-[9px] w-full flex-row" aria-hidden>
      <View
        style={{
          marginLeft: `${kelvin < 0 ? 50 - share : 50}%`,
          width: `${Math.max(0.6, share)}%`,
        }}
        className={filled ? 'bg-iron-950' : 'border border-iron-500'}
      />
    </View>
  );
};

/** Sentence about the calibration: error of past cooks without it and with it. */
export const Gained = ({ past }: Pick<Props, 'past'>) => {
  const show = useShow();
  const before = sizeOf(past.map((one) => one.before));
  const after = sizeOf(past.map((one) => one.after));
  return past.length === 0 ? null : (
    <Text>
      {t('with-the-times-they-were-given-past', {
        pastCount: past.length,
        difference: show.difference(before),
        difference2: show.difference(after),
      })}
    </Text>
  );
};

/** Predictions of past cooks: with the default kitchen, and with the calibration from the other cooks. */
export const BeforeAfter = ({ past, titles }: Props) => {
  const show = useShow();
  if (past.length === 0) return null;
  const signed = (kelvin: number): string =>
    `${kelvin < 0 ? '−' : '+'}${show.difference(Math.abs(kelvin))}`;
  return (
    <View className="gap-2">
      <Text voice="head" heading={2}>
        {t('past-cooks-before-and-after')}
      </Text>
      <View className="flex-row flex-wrap gap-5" aria-hidden>
        <View className="max-w-full flex-row items-center gap-2">
          <View className="h-[9px] w-5 border border-iron-500" />
          <Text voice="note" className="shrink">
            {t('the-nominal-kitchen')}
          </Text>
        </View>
        <View className="max-w-full flex-row items-center gap-2">
          <View className="h-[9px] w-5 bg-iron-950" />
          <Text voice="note" className="shrink">
            {t('with-what-the-other-cooks-taught')}
          </Text>
        </View>
      </View>
      <View role="list">
        {past.map(({ id, before: was, after: is }) => (
          <View
            key={id}
            role="listitem"
            className="flex-row flex-wrap items-center gap-3 border-t border-salt-200 py-2"
          >
            <Link href={`/book/${id}`} className="min-h-[28px] min-w-[5rem] flex-1 py-1">
              <Text voice="small">{titles.get(id) ?? t('a-cook')}</Text>
            </Link>
            <View
              className="w-[38%] gap-[2px]"
              role="img"
              aria-label={t('before-after', { signed: signed(was), signed2: signed(is) })}
            >
              <Bar kelvin={was} filled={false} />
              <Bar kelvin={is} filled />
            </View>
            <View className="w-[4rem]" aria-hidden>
              <Text voice="note" tone="text-iron-500">
                {signed(was)}
              </Text>
              <Text voice="note">{signed(is)}</Text>
            </View>
          </View>
        ))}
      </View>
      <Text voice="note" tone="text-iron-500">
        {t('each-bar-is-the-model-less-what')}
      </Text>
    </View>
  );
};
