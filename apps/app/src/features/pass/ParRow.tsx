import { useState } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/Text';
import type { DishPar } from '../../workers/pass.worker';
import { TextField } from './TextField';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

interface Props {
  readonly found: DishPar;
  /** The menu says what a plate earns. */
  readonly priced: boolean;
  readonly stock: number;
  readonly onStock: (count: number) => void;
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;
const pieces = (count: number): string => {
  const rounded = Math.round(10 * count) / 10;
  return rounded === 1 ? t('1-piece') : t('pieces', { rounded });
};

/** A chance is not known better than this. */
const LEAST_CHANCE = 0.001;
/** With fewer days than this a dish is forecast from dishes like it too. */
const NEW_DAYS = 14;

const formatChance = (chance: number): string =>
  chance < LEAST_CHANCE ? t('hardly-any-chance') : t('chance', { percent: percent(chance) });

/** One dish: how many to prepare, what that risks, and what one more or fewer would cost. */
export const ParRow = ({ found, priced, stock, onStock }: Props) => {
  const { dish, mean, days, par, past, trend, closed } = found;
  const [text, setText] = useState(stock === 0 ? '' : String(stock));
  const money = (cost: number | undefined): string =>
    cost === undefined ? t('nothing') : formatFixed(cost, 2);
  const hits = past.map(({ expected, came }) => Math.abs(came - expected));
  const off = hits.reduce((sum, by) => sum + by, 0) / Math.max(1, hits.length);
  if (closed) {
    return (
      <View className="gap-1 border-t border-salt-300 pt-2" role="group" aria-label={dish}>
        <Text voice="head" heading={2}>
          {dish}
        </Text>
        <Text voice="small">{t('past-days-say-that-the-house-is')}</Text>
      </View>
    );
  }
  return (
    <View className="gap-1 border-t border-salt-300 pt-2" role="group" aria-label={dish}>
      <View className="flex-row items-baseline justify-between gap-3">
        <Text voice="head" heading={2} className="flex-1">
          {dish}
        </Text>
        <Text voice="bigFigure" testID={`par-${dish}`}>
          {t('prepare', { prepare: par.prepare })}
        </Text>
      </View>
      <Text voice="small">
        {t('expected-ready-to-run-out-thrown-away', {
          pieces: pieces(mean),
          ready: par.ready,
          chance: formatChance(par.chanceOut),
          pieces2: pieces(par.wasted),
          part: par.kept === 0 ? '' : t('kept-to-the-next-day', { pieces: pieces(par.kept) }),
        })}
      </Text>
      <Text voice="small">
        {priced
          ? t('one-more-would-cost-on-average-one', {
              money: money(par.oneMore),
              money2: money(par.oneFewer),
            })
          : t('assumes-a-missed-plate-costs-twice-a')}
      </Text>
      <Text voice="note" tone="text-iron-500">
        {`${days < NEW_DAYS ? t('from-days-of-its-own-and-from', { days }) : t('from-days', { days })}${Math.abs(trend) > 0.02 ? t('a-month', { part: trend > 0 ? t('rising') : t('falling'), percent: percent(Math.abs(trend)) }) : ''}. ${
          past.length === 0
            ? ''
            : t('over-the-last-days-the-forecast-was', {
                pastCount: past.length,
                off: formatFixed(off, 1),
                map: past
                  .slice(-7)
                  .map(
                    ({ date, expected, came }) =>
                      `${date.slice(8)}. ${formatFixed(expected, 0)}/${came}`,
                  )
                  .join(', '),
              })
        }`}
      </Text>
      <View className="no-print flex-row items-center gap-2">
        <TextField
          label={t('prepared-already', { dish })}
          value={text}
          figures
          wide
          onChange={(next) => {
            setText(next);
            const count = Math.round(Number(next));
            if (Number.isFinite(count) && count >= 0 && count <= 500) onStock(count);
          }}
        />
      </View>
    </View>
  );
};
