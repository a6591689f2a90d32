import { useState } from 'react';
import { View } from 'react-native';
import { Text } from '../../ui/Text';
import type { DishPar } from '../../workers/pass.worker';
import { TextField } from './TextField';

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
  return rounded === 1 ? '1 piece' : `${rounded} pieces`;
};

/** A chance is not known better than this. */
const LEAST_CHANCE = 0.001;
/** With fewer days than this a dish is forecast from dishes like it too. */
const NEW_DAYS = 14;

const formatChance = (chance: number): string =>
  chance < LEAST_CHANCE ? 'hardly any chance' : `${percent(chance)} chance`;

/** One dish: how many to prepare, what that risks, and what one more or fewer would cost. */
export const ParRow = ({ found, priced, stock, onStock }: Props) => {
  const { dish, mean, days, par, past, trend, closed } = found;
  const [text, setText] = useState(stock === 0 ? '' : String(stock));
  const money = (cost: number | undefined): string =>
    cost === undefined ? 'nothing' : cost.toFixed(2);
  const hits = past.map(({ expected, came }) => Math.abs(came - expected));
  const off = hits.reduce((sum, by) => sum + by, 0) / Math.max(1, hits.length);
  if (closed) {
    return (
      <View className="gap-1 border-t border-salt-300 pt-2" role="group" aria-label={dish}>
        <Text voice="head" heading={2}>
          {dish}
        </Text>
        <Text voice="small">
          Past days say that the house is closed on this weekday: nothing is to be prepared.
        </Text>
      </View>
    );
  }
  return (
    <View className="gap-1 border-t border-salt-300 pt-2" role="group" aria-label={dish}>
      <View className="flex-row items-baseline justify-between gap-3">
        <Text voice="head" heading={2} className="flex-1">
          {dish}
        </Text>
        <Text voice="bigFigure" testID={`par-${dish}`}>{`prepare ${par.prepare}`}</Text>
      </View>
      <Text voice="small">
        {`${pieces(mean)} expected, ${par.ready} ready: ${formatChance(par.chanceOut)} to run out, ${pieces(par.wasted)} thrown away on average${par.kept === 0 ? '' : `, ${pieces(par.kept)} kept to the next day`}.`}
      </Text>
      <Text voice="small">
        {priced
          ? `One more would cost ${money(par.oneMore)} on average, one fewer ${money(par.oneFewer)}.`
          : 'Assumes a missed plate costs twice a wasted piece. Set cost and price in Menu.'}
      </Text>
      <Text voice="note" tone="text-iron-500">
        {`${days < NEW_DAYS ? `From ${days} days of its own and from dishes like it` : `From ${days} days`}${Math.abs(trend) > 0.02 ? `, ${trend > 0 ? 'rising' : 'falling'} ${percent(Math.abs(trend))} a month` : ''}. ${
          past.length === 0
            ? ''
            : `Over the last ${past.length} days the forecast was ${off.toFixed(1)} off on average; day by day, expected/came: ${past
                .slice(-7)
                .map(
                  ({ date, expected, came }) => `${date.slice(8)}. ${expected.toFixed(0)}/${came}`,
                )
                .join(', ')}`
        }`}
      </Text>
      <View className="no-print flex-row items-center gap-2">
        <TextField
          label={`Prepared already, ${dish}`}
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
