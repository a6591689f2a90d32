import type { Cook, Stage } from '../heat';

/** The one thing about a cook that is to be found. */
export type CookUnknown =
  /** How long one stage lasts, s: its core at the end is the pull temperature. */
  | { readonly kind: 'seconds'; readonly stage: number }
  /** The seconds that several sears share: per side. */
  | { readonly kind: 'perSide'; readonly stages: readonly number[] }
  /** How often a piece is turned, the last interval as long as it must be. */
  | { readonly kind: 'turns'; readonly stage: number };

/** The first stage that the unknown is part of: what comes before it is cooked once. */
export const firstUnknownStage = (unknown: CookUnknown): number =>
  unknown.kind === 'perSide' ? Math.min(...unknown.stages) : unknown.stage;

/** The stage whose end is the pull. */
export const pullStage = (unknown: CookUnknown): number =>
  unknown.kind === 'perSide' ? Math.max(...unknown.stages) : unknown.stage;

/** A last interval shorter than this is not worth a turn, s. */
const SHORTEST_INTERVAL = 5;

const lasting = (stage: Stage, seconds: number): readonly Stage[] => {
  switch (stage.kind) {
    case 'turns': {
      const count = Math.floor((seconds + SHORTEST_INTERVAL) / stage.every);
      const whole = Math.min(count * stage.every, seconds);
      const last = seconds - whole;
      return [
        ...(count > 0 ? [{ ...stage, count }] : []),
        ...(last > 0
          ? [{ kind: 'sear' as const, pan: stage.pan, seconds: last, thenFlip: false }]
          : []),
      ];
    }
    case 'oven': {
      const { untilCore: _untilCore, maxSeconds: _maxSeconds, ...oven } = stage;
      return [{ ...oven, seconds }];
    }
    default:
      return [{ ...stage, seconds }];
  }
};

/**
 * The stages of a cook from its first unknown one on, with the unknown set: seconds of the stage,
 * of each side, or of all turns together.
 */
export const stagesWith = (cook: Cook, unknown: CookUnknown, value: number): readonly Stage[] =>
  cook.stages.slice(firstUnknownStage(unknown)).flatMap((stage, i) => {
    const at = i + firstUnknownStage(unknown);
    const isUnknown =
      unknown.kind === 'perSide' ? unknown.stages.includes(at) : unknown.stage === at;
    return isUnknown ? lasting(stage, value) : [stage];
  });
