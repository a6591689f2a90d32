import type { CookEvent } from '@crustan/core/cook/event';
import { kitchenNow } from './clock';
import { newId } from './newId';

/** What every event begins with: its id, and the kitchen's time now. */
export const fresh = (): Pick<CookEvent, 'id' | 'at'> => ({ id: newId(), at: kitchenNow() });
