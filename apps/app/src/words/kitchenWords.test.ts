import { KNOBS } from '@crustan/core/heat/twoZonePan';
import { PRESS_NAMES } from '@crustan/core/heat/face';
import { REST_SURFACES } from '@crustan/core/heat/restSurface';
import { planOf, REQUEST } from '../testing';
import {
  KNOB_OPTIONS,
  KNOB_WORDS,
  PRESS_ADVICE,
  PRESS_OPTIONS,
  readingSentence,
  REST_ON_WORDS,
  describeReading,
} from './kitchenWords';
import { formatLoss } from './formatLoss';
import { showIn } from './show';

const show = showIn('metric');
const plan = planOf({ ...REQUEST, way: 'often' });

it('has a word and a choice for everything a kitchen may do', () => {
  expect(KNOB_OPTIONS.map(({ value }) => value)).toEqual([...KNOBS]);
  expect(PRESS_OPTIONS.map(({ value }) => value)).toEqual([...PRESS_NAMES]);
  expect(Object.keys(KNOB_WORDS)).toHaveLength(KNOBS.length);
  expect(Object.keys(PRESS_ADVICE)).toHaveLength(PRESS_NAMES.length);
  expect(Object.keys(REST_ON_WORDS)).toHaveLength(REST_SURFACES.length);
});

it('says what the thermometer should show, from where it goes in, as a band or about a figure', () => {
  const said = describeReading(plan, 'done', show);
  expect(said).toMatch(/^from the top your thermometer should show \d\d° to \d\d°$/);
  const even = {
    ...plan,
    readings: { pull: [50, 50], done: [50, 50.2], slice: [54, 54] } as const,
  };
  expect(describeReading(even, 'done', show)).toContain('about 50°');
  const side = { ...even, request: { ...plan.request, stem: 'side' } } as const;
  expect(readingSentence(side, 'slice', show)).toBe(
    'From the side your thermometer should show about 54°. ',
  );
});

it('says nothing of a reading that an older plan does not know', () => {
  const { readings: _none, ...older } = plan;
  expect(describeReading(older, 'pull', show)).toBe('');
  expect(readingSentence(older, 'pull', show)).toBe('');
});

it('says loss as one figure', () => {
  expect(formatLoss({ evaporated: 0.05, drip: 0.1 })).toBe('11\u00a0%');
  expect(formatLoss({ evaporated: 0.04 })).toBe('4\u00a0%');
});
