import type { PracticeResultRecord } from '@crustan/core/formats/practiceSchema';
import type { DrillCall, DrillKind } from '@crustan/core/simulation/callBias';

/** A drill's name among what was practised. */
export const drillName = (kind: DrillKind): string => `drill-${kind}`;

/** Calls that still tell how a learner calls: older ones are of another learner. */
const LATEST = 40;

/** A learner's latest calls in a drill, oldest first. */
export const latestCalls = (
  results: readonly PracticeResultRecord[],
  kind: DrillKind,
): readonly DrillCall[] =>
  results
    .filter((result) => result.of === drillName(kind))
    .flatMap(({ calls }) => calls ?? [])
    .slice(-LATEST);
