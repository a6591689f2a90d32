import type { Meaning } from '../../ui/meanings/meanings';

/** Word that a label of a figure stands for. */
export const MEANING_OF: Readonly<Record<string, Meaning>> = {
  'in the pan': 'time',
  'in all': 'time',
  'pull at': 'pull',
  'out of the oven at': 'pull',
  window: 'window',
  'grey band': 'grey',
  even: 'even',
  crust: 'crust',
  loss: 'loss',
};
