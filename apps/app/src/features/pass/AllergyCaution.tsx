import { formatList } from '@crustan/messages';
import { dishConflicts, type DishConflict } from '@crustan/core/pass/orderAllergens';
import type { Order } from '@crustan/core/pass/serviceEvent';
import { Caution } from '../../ui/Caution';
import { describeAllergens } from '../../words/allergenWords';
import { SharedPanCautions, type PansShown } from './SharedPanCautions';
import { t } from './t';

interface Props {
  readonly ticket: Pick<Order, 'id' | 'allergens' | 'allergy' | 'pieces'>;
  readonly pass: PansShown;
}

const describeConflict = ({ dish, carries, unstated }: DishConflict): string =>
  [
    ...(carries.length === 0
      ? []
      : [t('contains', { name: dish.name, allergens: describeAllergens(carries) })]),
    ...(unstated.length === 0
      ? []
      : [t('allergens-of-are-not-stated', { name: dish.name, unstated: formatList(unstated) })]),
  ].join(' ');

/** Cautions of an allergic table: dishes that carry what it avoids, and pans that held it. */
export const AllergyCaution = ({ ticket, pass }: Props) => {
  const conflicts = dishConflicts(ticket, pass.dishes);
  return (
    <>
      {conflicts.length === 0 ? null : (
        <Caution lead={t('check-this-order')}>{conflicts.map(describeConflict).join(' ')}</Caution>
      )}
      <SharedPanCautions pass={pass} ticket={ticket.id} />
    </>
  );
};
