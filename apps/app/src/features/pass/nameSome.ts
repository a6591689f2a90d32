import { formatList } from '@crustan/messages';
import { t } from './t';

/** Names that a line lists before it counts the others. */
const MOST_NAMED = 8;

/** The first of several names in a list, with the number of the others: `Table 22, Table 3 and 46 others`. */
export const nameSome = (names: readonly string[]): string => {
  const left = names.length - MOST_NAMED;
  const rest = left <= 0 ? [] : [left === 1 ? t('one-other') : t('others', { left })];
  return formatList([...names.slice(0, MOST_NAMED), ...rest]);
};
