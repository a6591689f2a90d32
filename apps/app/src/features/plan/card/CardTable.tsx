import { memo } from 'react';
import { View } from 'react-native';
import type { Card, CardCell } from '@crustan/core/plan/card';
import { Text } from '../../../ui/Text';
import { describeCellObstacle } from '../../../words/obstacleWords';
import { useShow } from '../../../words/useShow';
import { formatCellTime, formatSpread } from './cardWords';
import type { CardCells } from './useCard';
import { t } from '../t';

interface Props {
  readonly card: Card;
  readonly cells: CardCells;
  /** The name of each column's doneness. */
  readonly names: readonly string[];
}

/** Rows are thicknesses, columns ends; a cell says the time, the pull and the rest. */
export const CardTable = ({ card: { thicknesses, targets }, cells, names }: Props) => {
  const show = useShow();
  return (
    <View role="table" aria-label={t('time-chart')} testID="card" className="lg:max-w-[900px]">
      <View role="row" className="flex-row gap-2 border-b-2 border-iron-950 pb-1">
        <Text role="columnheader" voice="note" className="w-[3.5rem] self-end">
          {t('thick-2')}
        </Text>
        {targets.map((target, j) => (
          <View key={target} role="columnheader" className="min-w-0 flex-1">
            <Text voice="label">{names[j]}</Text>
            <Text voice="note" tone="text-iron-500">
              {show.temperature(target)}
            </Text>
          </View>
        ))}
      </View>
      {thicknesses.map((thickness, i) => (
        <View key={thickness} role="row" className="flex-row gap-2 border-b border-salt-300 py-2">
          <Text role="rowheader" voice="strong" className="w-[3.5rem]">
            {show.thickness(thickness)}
          </Text>
          {targets.map((target, j) => (
            <View key={target} role="cell" className="min-h-[66px] min-w-0 flex-1">
              <CellFigures cell={cells.get(i * targets.length + j)} />
            </View>
          ))}
        </View>
      ))}
    </View>
  );
};

const CellFigures = memo(function CellFigures({ cell }: { readonly cell: CardCell | undefined }) {
  const show = useShow();
  if (cell === undefined) return <Text tone="text-iron-500">{'·'}</Text>;
  if (!cell.ok) {
    return (
      <Text voice="note" tone="text-iron-500">
        {describeCellObstacle(cell.obstacle)}
      </Text>
    );
  }
  return (
    <>
      <Text voice="figure">{formatCellTime(cell.cookSeconds)}</Text>
      <Text voice="note" tone="text-iron-500">{`± ${formatSpread(cell.spread)}`}</Text>
      <Text voice="note">{t('pull', { degrees: show.degrees(cell.pullCore) })}</Text>
      <Text voice="note">{t('rest', { cellTime: formatCellTime(cell.restSeconds) })}</Text>
      {cell.complaint ? (
        <Text voice="note">{t('crust', { complaint: cell.complaint })}</Text>
      ) : null}
    </>
  );
});
