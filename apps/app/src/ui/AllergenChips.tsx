import { translateName } from '@crustan/messages';
import { ALLERGEN_IDS, ALLERGENS, type AllergenId } from '@crustan/core/food/allergens';
import { Chips } from './Chips';

interface Props {
  readonly label: string;
  readonly chosen: readonly AllergenId[];
  readonly onChange: (chosen: AllergenId[]) => void;
  readonly onIron?: boolean;
}

const OPTIONS = ALLERGEN_IDS.map((value) => ({
  value,
  label: translateName(ALLERGENS[value].name),
}));

/** Any of the declarable allergens. */
export const AllergenChips = ({ label, chosen, onChange, onIron = false }: Props) => (
  <Chips label={label} onIron={onIron} options={OPTIONS} chosen={chosen} onChange={onChange} />
);
