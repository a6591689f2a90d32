import { Button } from '../../ui/Button';
import type { Presses } from './usePressed';

/** The last thing said, taken back by a tap. */
export const TakeBack = ({ presses: { last, takeBack } }: { readonly presses: Presses }) =>
  last ? <Button kind="stovePlain" label={`Take back: ${last.words}`} onPress={takeBack} /> : null;
