import { describe, expect, it } from '@jest/globals';
import * as fc from 'fast-check';
import { planOf } from '../tests';
import { keptPlan } from './keptPlan';
import { cookRecordSchema } from './messages';
import { readMessage } from './readMessage';

const ID = '7b1de6a4-5f0c-4a57-9d0e-1c2b3a4d5e6f';
const T0 = 1_764_000_000_000;
const record = () => ({
  id: ID,
  createdAt: T0,
  plan: { id: ID, createdAt: T0, title: 'A steak', plateAt: T0, plan: keptPlan(planOf()) },
  events: [
    { id: ID, kind: 'in', at: T0 },
    { id: ID, kind: 'reading', at: T0, celsius: 40, by: 'probe' },
  ],
});

/** The same message with a key added to every object in it, as a newer server might. */
const withAdded = (value: unknown, key: string, depth: number, at = 0): unknown => {
  if (Array.isArray(value)) return value.map((item) => withAdded(item, key, depth, at));
  if (typeof value !== 'object' || value === null) return value;
  const inside = Object.entries(value).map(([name, item]) => [
    name,
    withAdded(item, key, depth, at + 1),
  ]);
  return Object.fromEntries(at <= depth ? [...inside, [key, { added: true }]] : inside);
};

describe('a message of a newer server', () => {
  it('is read without unknown keys at any depth', () => {
    const plain = cookRecordSchema.parse(record());
    fc.assert(
      fc.property(fc.stringMatching(/^new[A-Z]{1,8}$/), fc.nat({ max: 2 }), (key, depth) => {
        expect(readMessage(cookRecordSchema, withAdded(record(), key, depth))).toEqual(plain);
      }),
      { numRuns: 20 },
    );
  });

  it('is refused for any other fault', () => {
    const wrong = { ...record(), createdAt: 'yesterday', added: 1 };
    expect(() => readMessage(cookRecordSchema, wrong)).toThrow(/createdAt/);
    expect(() => readMessage(cookRecordSchema, null)).toThrow();
  });
});
