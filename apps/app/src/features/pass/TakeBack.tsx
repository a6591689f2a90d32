import { Button } from '../../ui/Button';
import type { Presses } from './usePressed';
import { t } from './t';

/** The last thing said, taken back by a tap. */
export const TakeBack = ({ presses: { last, takeBack } }: { readonly presses: Presses }) =>
  last ? (
    <Button kind="stovePlain" label={t('take-back', { words: last.words })} onPress={takeBack} />
  ) : null;
