import { usesOven } from '@crustan/core/plan/way';
import { ovenAirChange } from '@crustan/core/plan/ovenAir';
import type { Obstacle, PlanRequest, Remedy } from '@crustan/core/plan';
import { formatDuration } from '@crustan/core/units';
import { pieceName } from './cutWords';
import type { Show } from './show';
import { WAY_NAMES } from './wayWords';
import { t } from '../t';

/** Fault of a plan, in a sentence. */
export const describeObstacle = (obstacle: Obstacle, request: PlanRequest, show: Show): string => {
  const piece = pieceName(request);
  switch (obstacle.reason) {
    case 'never':
      return t('this-pan-never-gets-the-middle-to', {
        temperature: show.temperature(request.target),
        duration: formatDuration(obstacle.seconds),
        temperature2: show.temperature(obstacle.highest),
      });
    case 'burner':
      return t('on-its-burner-at-full-the-pan', {
        temperature: show.temperature(obstacle.settles),
        temperature2: show.temperature(request.pan),
      });
    case 'crowded':
      return t('at-this-weight-and-thickness-the-would', {
        piece,
        thickness: show.thickness(obstacle.length),
        thickness2: show.thickness(obstacle.width),
        thickness3: show.thickness(obstacle.diameter),
      });
    case 'tower':
      return t('at-this-weight-and-thickness-the-would-2', {
        piece,
        thickness: show.thickness(obstacle.width),
      });
    case 'over':
      if (request.panAfter !== undefined && !usesOven(request.way)) {
        return t('the-middle-passes-before-the-crust-has', {
          degrees: show.degrees(request.target),
        });
      }
      return t('searing-alone-reaches-past-too-thin-for', {
        temperature: show.temperature(obstacle.lowest),
        degrees: show.degrees(request.target),
      });
    case 'cool-oven':
      return t('an-oven-at-is-too-cool-its', {
        temperature: show.temperature(obstacle.air),
        temperature2: show.temperature(obstacle.highest),
      });
    case 'locked':
      return t('this-kitchen-keeps-to-the-published-table', {
        temperature: show.temperature(obstacle.minimum, 1),
        part:
          obstacle.coldest === undefined
            ? ''
            : t('the-coldest-of-the-meat-away-from', {
                temperature: show.temperature(obstacle.coldest, 1),
              }),
      });
    case 'warm':
      return t('it-starts-at-as-warm-as-it', { temperature: show.temperature(obstacle.start) });
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
        ? t('thinner', { thickness: show.thickness(remedy.thickness) })
        : t('thicker', { thickness: show.thickness(remedy.thickness) });
    case 'pan':
      return remedy.pan < request.pan
        ? t('cooler-pan', { temperature: show.temperature(remedy.pan) })
        : t('hotter-pan', { temperature: show.temperature(remedy.pan) });
    case 'turn-down':
      if (remedy.panAfter === request.pan) return t('burner-unchanged');
      return t('burner-down-to-once-browned', { temperature: show.temperature(remedy.panAfter) });
    case 'way':
      return WAY_NAMES[remedy.way];
    case 'oven':
      return t('oven-at', { temperature: show.temperature(remedy.air) });
    case 'target':
      return t('end-at', { temperature: show.temperature(remedy.target) });
  }
};

/** The same in a word or two, for a cell of a card. */
export const describeCellObstacle = ({ reason }: Obstacle): string => CELL_WORDS[reason];

const CELL_WORDS: Readonly<Record<Obstacle['reason'], string>> = {
  over: t('too-thin-over'),
  never: t('never-gets-there'),
  'cool-oven': t('oven-too-cool'),
  burner: t('burner-too-weak'),
  crowded: t('too-big-for-the-pan'),
  tower: t('too-tall-to-lie-flat'),
  locked: t('under-the-published-minimum'),
  warm: t('warm-already'),
};

/** The same in a few words, for a way among others. */
export const describeBriefly = (obstacle: Obstacle, show: Show): string => {
  switch (obstacle.reason) {
    case 'over':
      return t('cannot-the-sears-alone-exceed-the-target');
    case 'never':
      return t('cannot-the-middle-stops-at', { degrees: show.degrees(obstacle.highest) });
    case 'cool-oven':
      return t('cannot-the-oven-is-too-cool-the', { degrees: show.degrees(obstacle.highest) });
    case 'burner':
      return t('cannot-this-burner-leaves-the-pan-at', { degrees: show.degrees(obstacle.settles) });
    case 'crowded':
      return t('cannot-the-pan-does-not-hold-it');
    case 'tower':
      return t('cannot-it-would-not-lie-on-its');
    case 'locked':
      return t('cannot-under-the-published', { degrees: show.degrees(obstacle.minimum) });
    case 'warm':
      return t('cannot-it-is-as-warm-already');
  }
};
