import { FAN_OVEN, STILL_OVEN } from '../../heat';
import { BUTTER_PAN } from '../request/butter';
import { onGear, type LegPart } from '../legs/legs';
import type { OwnStep } from '../legs/ownSteps';
import { ovenAir } from '../request/ovenAir';
import { USUAL, type PlanRequest } from '../request/request';
import { timedFor, turningSeconds, type TimedLeg } from '../legs/timedLeg';
import type { Way } from '../request/way';

/** The way that steps come nearest to, by where the piece is in turn. */
export const wayOfSteps = (steps: readonly OwnStep[]): Way => {
  const places = steps.flatMap((step) =>
    step.do === 'pan' || step.do === 'oven' ? [step.do] : [],
  );
  const oven = places.indexOf('oven');
  if (oven === -1) {
    return steps.some((step) => step.do === 'pan' && step.every !== undefined) ? 'often' : 'once';
  }
  const before = places.slice(0, oven).includes('pan');
  const after = places.slice(oven).includes('pan');
  return before ? (after ? 'sear-oven-sear' : 'sear-oven') : 'oven-sear';
};

/** Steps as timed legs of a request: the last step in the heat decides the end. */
export const ownLegs = (steps: readonly OwnStep[], request: PlanRequest): readonly TimedLeg[] => {
  const h = request.fan ? FAN_OVEN : STILL_OVEN;
  const parts: LegPart[] = [];
  const add = (part: Pick<LegPart, 'kind' | 'heat' | 'fixed'> & Partial<LegPart>): void => {
    parts.push({ unknownShare: 0, thenFlip: false, ...part });
  };
  for (const step of steps) {
    switch (step.do) {
      case 'turn': {
        const last = parts.pop();
        if (last) parts.push({ ...last, thenFlip: true });
        break;
      }
      case 'pan': {
        const { seconds, pan = request.pan, every, basted } = step;
        if (basted) {
          const heat = { on: 'pan', pan: Math.min(pan, BUTTER_PAN), from: pan, basted } as const;
          add({ kind: 'baste', heat, fixed: seconds });
          break;
        }
        const turns = every === undefined ? {} : { turnEvery: every };
        const kind = every === undefined ? 'sear' : 'turns';
        add({ kind, heat: { on: 'pan', pan }, fixed: seconds, ...turns });
        break;
      }
      case 'oven': {
        const { seconds, air = ovenAir(request) ?? USUAL.hotOven } = step;
        const inPan = request.ovenOn === 'pan' && parts.length > 0;
        const heat = inPan
          ? ({ on: 'oven-pan', air, h, pan: request.pan } as const)
          : ({ on: 'rack', air, h } as const);
        add({ kind: 'oven', heat, fixed: seconds });
        break;
      }
      case 'rest':
        add({ kind: 'board', heat: { on: 'rest', cover: request.cover }, fixed: step.seconds });
    }
  }
  // Its last rest is the plan's own rest.
  while (parts.at(-1)?.kind === 'board') parts.pop();
  const made: TimedLeg[] = [];
  parts.forEach((part, i) => {
    const leg = onGear({ ...part, unknownShare: i === parts.length - 1 ? 1 : 0 }, request.gear);
    made.push(timedFor(leg, part.fixed, turningSeconds(made)));
  });
  return made;
};
