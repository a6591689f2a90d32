import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import type { Order } from '@crustan/core/pass/serviceEvent';
import { cutOf } from '@crustan/core/plan/request';
import { allergensOf } from '@crustan/core/safety';
import { Caution } from '../../ui/Caution';

interface Props {
  readonly ticket: Pick<Order, 'allergy' | 'pieces'>;
  readonly dishes: readonly KeptDish[];
}

/** What a dish's own plan brings to the plate: its animal's allergens, and milk where it is basted. */
const allergensIn = ({ portions }: KeptDish): readonly string[] => {
  const request = portions[0]?.options[0]?.plan.request;
  if (!request) return [];
  return [...allergensOf(cutOf(request).species), ...(request.baste > 0 ? ['milk'] : [])];
};

/** Says where a table has ordered what it must not be served. What sauces and sides bring is not known here. */
export const AllergyCaution = ({ ticket: { allergy, pieces }, dishes }: Props) => {
  if (allergy === undefined) return null;
  const said = allergy.toLowerCase();
  const wrong = dishes.filter(
    (dish) =>
      pieces.some((piece) => piece.dish === dish.id) &&
      allergensIn(dish).some((allergen) => said.includes(allergen) || allergen.includes(said)),
  );
  return wrong.length === 0 ? null : (
    <Caution lead="Check this order.">
      {`${wrong.map(({ name }) => name).join(' and ')}: the plan itself has ${allergy} in it. What the sides and the sauce bring is not known here.`}
    </Caution>
  );
};
