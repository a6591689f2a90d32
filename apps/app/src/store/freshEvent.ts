import type { CookEvent } from '@crustan/core/cook/event';
import { kitchenNow } from './clock';
import { newId } from './newId';

/** Fields with which every event begins: its id, and the kitchen's time now. */
export const fresh = (): Pick<CookEvent, 'id' | 'at'> => ({ id: newId(), at: kitchenNow() });
