import { View } from 'react-native';
import { agreeByGuessing, blindOrder } from '@crustan/core/trial/blindOrder';
import type { Trial } from '@crustan/core/trial/trial';
import { describeFailure, useKeepTrialMutation } from '../../store/bookApi';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { t } from './t';

const NUMBERS = [t('one'), t('two'), t('three'), t('four'), t('five'), t('six')] as const;
const plate = (i: number): string =>
  t('plate', { words: (NUMBERS[i] ?? String(i + 1)).toLowerCase() });

/** Sentence about the evidence of n tasters who agree. */
const verdictOf = (liked: readonly number[], plates: number): string => {
  const counts = Array.from({ length: plates }, (_, i) => liked.filter((one) => one === i).length);
  const most = Math.max(...counts);
  if (liked.length === 0) return t('nobody-has-chosen-yet');
  if (counts.filter((count) => count === most).length > 1) {
    return t('the-tasters-are-split-it-shows-no');
  }
  const chance = agreeByGuessing(liked.length, most, plates);
  const times = Math.max(1, Math.round(1 / chance));
  return chance > 0.05
    ? t('of-chose-the-same-by-guessing-as', {
        most,
        likedCount: liked.length,
        part: chance >= 0.95 ? t('nearly-always') : t('once-in-times', { times }),
      })
    : t('of-chose-the-same-by-guessing-as-2', { most, likedCount: liked.length, times });
};

/** A blind tasting: an order nobody chose, plates by number, and what the choices are worth. */
export const Tasting = ({ trial }: { readonly trial: Trial }) => {
  const [keep, keeping] = useKeepTrialMutation();
  const { tasting, arms } = trial;
  const change = (changed: Trial['tasting']): void => {
    void keep({ ...trial, tasting: changed });
  };
  const draw = (): void =>
    change({ order: blindOrder(arms.length, Math.random), liked: [], opened: false });
  return (
    <View className="gap-2 border-t border-salt-300 pt-3">
      <Text voice="head" heading={2}>
        {t('tasted-blind')}
      </Text>
      {tasting === undefined ? (
        <>
          <Text voice="small">{t('one-person-plates-out-of-sight-in')}</Text>
          <View className="items-start">
            <Button kind="plain" label={t('draw-the-order')} onPress={draw} />
          </View>
        </>
      ) : (
        <>
          {tasting.order.map((arm, i) => (
            <View key={arm} className="flex-row flex-wrap items-center gap-3">
              <Text voice="strong" className="w-[6.875rem]">
                {plate(i)}
              </Text>
              {tasting.opened ? <Text>{capital(arms[arm]?.label ?? '')}</Text> : null}
              <Text voice="small" tone="text-iron-500">
                {t('liked-best-by', {
                  filterCount: tasting.liked.filter((one) => one === i).length,
                })}
              </Text>
              {tasting.opened ? null : (
                <Button
                  kind="plain"
                  label={t('one-more-likes-it-best')}
                  onPress={() => change({ ...tasting, liked: [...tasting.liked, i] })}
                />
              )}
            </View>
          ))}
          <Text voice="small">{verdictOf(tasting.liked, tasting.order.length)}</Text>
          <View className="flex-row flex-wrap gap-2">
            <Button
              kind="plain"
              label={tasting.opened ? t('hide-the-names') : t('show-names-person-plating-only')}
              onPress={() => change({ ...tasting, opened: !tasting.opened })}
            />
            {tasting.liked.length > 0 && !tasting.opened ? (
              <Button
                kind="plain"
                label={t('take-the-last-choice-back')}
                onPress={() => change({ ...tasting, liked: tasting.liked.slice(0, -1) })}
              />
            ) : null}
            <Button kind="plain" label={t('draw-again')} onPress={draw} />
          </View>
        </>
      )}
      {keeping.error ? (
        <Text voice="small" role="alert">
          {describeFailure(keeping.error)}
        </Text>
      ) : null}
    </View>
  );
};
