import { usesOven } from '@crustan/core/plan/way';
import { ovenAirChange } from '@crustan/core/plan/ovenAir';
import type { Obstacle, PlanRequest, Remedy } from '@crustan/core/plan';
import { formatDuration } from '@crustan/core/units';
import { pieceName } from './cutWords';
import type { Show } from './show';
import { WAY_NAMES } from './wayWords';

/** Fault of a plan, in a sentence. */
export const describeObstacle = (obstacle: Obstacle, request: PlanRequest, show: Show): string => {
  const piece = pieceName(request);
  switch (obstacle.reason) {
    case 'never':
      return `This pan never gets the middle to ${show.temperature(request.target)}: after ${formatDuration(
        obstacle.seconds,
      )} it would peak at ${show.temperature(obstacle.highest)}.`;
    case 'burner':
      return `On its burner at full the pan settles at about ${show.temperature(
        obstacle.settles,
      )}; it does not reach ${show.temperature(request.pan)}.`;
    case 'crowded':
      return `At this weight and thickness the ${piece} would lie ${show.thickness(
        obstacle.length,
      )} long and ${show.thickness(obstacle.width)} wide; the pan is ${show.thickness(
        obstacle.diameter,
      )} across. Check the two figures, or cut it.`;
    case 'tower':
      return `At this weight and thickness the ${piece} would stand only ${show.thickness(
        obstacle.width,
      )} wide and would not lie on its face. Check the two figures.`;
    case 'over':
      if (request.panAfter !== undefined && !usesOven(request.way)) {
        return `The middle passes ${show.degrees(request.target)} before the crust has browned: do not turn the burner down for a piece this thin.`;
      }
      return `Searing alone reaches ${show.temperature(obstacle.lowest)}, past ${show.degrees(request.target)}: too thin for an oven step.`;
    case 'cool-oven':
      return `An oven at ${show.temperature(obstacle.air)} is too cool: its middle would stop at ${show.temperature(obstacle.highest)}.`;
    case 'locked':
      return `This kitchen keeps to the published table: ${show.temperature(obstacle.minimum, 1)} at least for this food.${obstacle.coldest === undefined ? '' : ` The coldest of the meat, away from the middle, would reach only ${show.temperature(obstacle.coldest, 1)}.`} The lock, and who is at the table tonight, are set in Kitchen.`;
    case 'warm':
      return `It starts at ${show.temperature(obstacle.start)}, as warm as it should end.`;
  }
};

/** The change a remedy makes to the request. */
export const remedyChange = (remedy: Remedy, request: PlanRequest): Partial<PlanRequest> => {
  switch (remedy.kind) {
    case 'thickness':
      return { thickness: remedy.thickness };
    case 'pan':
      return { pan: remedy.pan };
    case 'turn-down':
      return { panAfter: remedy.panAfter < request.pan ? remedy.panAfter : undefined };
    case 'way':
      return { way: remedy.way };
    case 'oven':
      return ovenAirChange(request, remedy.air);
    case 'target':
      return { target: remedy.target };
  }
};

/** Label of a fix. */
export const describeRemedy = (remedy: Remedy, request: PlanRequest, show: Show): string => {
  switch (remedy.kind) {
    case 'thickness':
      return remedy.thickness < request.thickness
        ? `Thinner: ${show.thickness(remedy.thickness)}`
        : `Thicker: ${show.thickness(remedy.thickness)}`;
    case 'pan':
      return remedy.pan < request.pan
        ? `Cooler pan: ${show.temperature(remedy.pan)}`
        : `Hotter pan: ${show.temperature(remedy.pan)}`;
    case 'turn-down':
      if (remedy.panAfter === request.pan) return 'Burner unchanged';
      return `Burner down to ${show.temperature(remedy.panAfter)} once browned`;
    case 'way':
      return WAY_NAMES[remedy.way];
    case 'oven':
      return `Oven at ${show.temperature(remedy.air)}`;
    case 'target':
      return `End at ${show.temperature(remedy.target)}`;
  }
};

/** The same in a word or two, for a cell of a card. */
export const describeCellObstacle = ({ reason }: Obstacle): string => CELL_WORDS[reason];

const CELL_WORDS: Readonly<Record<Obstacle['reason'], string>> = {
  over: 'too thin: over',
  never: 'never gets there',
  'cool-oven': 'oven too cool',
  burner: 'burner too weak',
  crowded: 'too big for the pan',
  tower: 'too tall to lie flat',
  locked: 'under the published minimum',
  warm: 'warm already',
};

/** The same in a few words, for a way among others. */
export const describeBriefly = (obstacle: Obstacle, show: Show): string => {
  switch (obstacle.reason) {
    case 'over':
      return 'Cannot: the sears alone exceed the target.';
    case 'never':
      return `Cannot: the middle stops at ${show.degrees(obstacle.highest)}.`;
    case 'cool-oven':
      return `Cannot: the oven is too cool; the middle stops at ${show.degrees(obstacle.highest)}.`;
    case 'burner':
      return `Cannot: this burner leaves the pan at ${show.degrees(obstacle.settles)}.`;
    case 'crowded':
      return 'Cannot: the pan does not hold it.';
    case 'tower':
      return 'Cannot: it would not lie on its face.';
    case 'locked':
      return `Cannot: under the published ${show.degrees(obstacle.minimum)}.`;
    case 'warm':
      return 'Cannot: it is as warm already.';
  }
};
