import { keptPlan, type KeptDish, type ServiceRecord } from '@crustan/core/formats';
import { pieceSteps } from '@crustan/core/pass';
import { planOf } from '@crustan/core/tests';
import { newId, REQUEST, T0 } from './testing';

const plan = planOf(REQUEST);
const steps = pieceSteps(plan, { recoverySeconds: 0 });
/** A dish of one portion that is planned one way. */
export const dish = (name = 'Strip'): KeptDish => ({
  id: newId(),
  createdAt: T0,
  name,
  portions: [
    {
      doneness: 'medium rare',
      target: 54,
      options: [
        {
          plan: keptPlan(plan),
          steps: {
            alone: { ...steps, stays: [...steps.stays], touches: [...steps.touches] },
            full: { ...steps, stays: [...steps.stays], touches: [...steps.touches] },
            fullArea: 0.03,
          },
        },
      ],
    },
  ],
  sides: [],
  shelfDays: 2,
});

/** A service of one evening. */
export const service = (dishes: readonly string[]): ServiceRecord => ({
  id: newId(),
  name: 'Friday',
  opensAt: T0,
  closesAt: T0 + 14_400_000,
  dishes: [...dishes],
});
