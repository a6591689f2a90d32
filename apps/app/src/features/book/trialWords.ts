import { WAY_TRAITS } from '@crustan/core/plan/way';
import type { PlanRequest } from '@crustan/core/plan/request';
import { formatDuration } from '@crustan/core/units';
import type { TrialKind } from '@crustan/core/trial/trial';
import { WAY_NAMES } from '../../words/wayWords';

export const TRIAL_NAMES: Readonly<Record<TrialKind, string>> = {
  salt: 'When it is salted',
  temper: 'Tempered or not',
  turns: 'Turned once or often',
  cover: 'Rested open or covered',
  way: 'The way it is cooked',
};

const COVERS: Readonly<Record<PlanRequest['cover'], string>> = {
  open: 'rested open',
  loose: 'under a loose tent',
  wrapped: 'wrapped',
};

const HOUR = 3600;

/** Lead time in words: minutes, hours, days. */
const ahead = (seconds: number): string =>
  seconds < 3 * HOUR
    ? formatDuration(seconds)
    : seconds < 36 * HOUR
      ? `${Math.round(seconds / HOUR)} h`
      : `${Math.round(seconds / (24 * HOUR))} days`;

/** Settings of one piece of a trial that differ from the others. */
export const armLabel = (kind: TrialKind, request: PlanRequest): string => {
  switch (kind) {
    case 'salt':
      return request.saltAhead === 0
        ? 'salted at the pan'
        : `salted ${ahead(request.saltAhead)} ahead`;
    case 'temper':
      return request.temper === 0
        ? 'straight from the fridge'
        : `${formatDuration(request.temper)} on the counter`;
    case 'turns':
      return WAY_TRAITS[request.way].turned === 'once'
        ? 'turned once'
        : `turned every ${request.every} s`;
    case 'cover':
      return COVERS[request.cover];
    case 'way':
      return WAY_NAMES[request.way].toLowerCase();
  }
};

/** Limits of a trial with one piece on each side. */
export const CANNOT_SHOW: Readonly<Record<TrialKind, string>> = {
  salt: 'The model has salt’s water and how deep it goes, not how it tastes: that is for the tasting.',
  temper:
    'Pieces differ by a degree or two from one end of the fridge to the other, tempered or not.',
  turns:
    'A second piece is never the same piece: its own thickness and grain are in the difference too.',
  cover:
    'How soft a crust is, is felt, not computed: the model has the end and the steam held back.',
  way: 'Two ways take different times: the one that waited for the other is judged cooler and softer.',
};
