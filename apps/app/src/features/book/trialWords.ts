import { WAY_TRAITS } from '@crustan/core/plan/way';
import type { PlanRequest } from '@crustan/core/plan/request';
import { formatDuration } from '@crustan/core/units';
import type { TrialKind } from '@crustan/core/trial/trial';
import { WAY_NAMES } from '../../words/wayWords';
import { t } from './t';

export const TRIAL_NAMES: Readonly<Record<TrialKind, string>> = {
  salt: t('when-it-is-salted'),
  temper: t('tempered-or-not'),
  turns: t('turned-once-or-often'),
  cover: t('rested-open-or-covered'),
  way: t('the-way-it-is-cooked'),
};

const COVERS: Readonly<Record<PlanRequest['cover'], string>> = {
  open: t('rested-open'),
  loose: t('under-a-loose-tent'),
  wrapped: t('wrapped'),
};

const HOUR = 3600;

/** Lead time in words: minutes, hours, days. */
const ahead = (seconds: number): string =>
  seconds < 3 * HOUR
    ? formatDuration(seconds)
    : seconds < 36 * HOUR
      ? t('h', { value: Math.round(seconds / HOUR) })
      : t('days', { value: Math.round(seconds / (24 * HOUR)) });

/** Settings of one piece of a trial that differ from the others. */
export const armLabel = (kind: TrialKind, request: PlanRequest): string => {
  switch (kind) {
    case 'salt':
      return request.saltAhead === 0
        ? t('salted-at-the-pan')
        : t('salted-ahead', { ahead: ahead(request.saltAhead) });
    case 'temper':
      return request.temper === 0
        ? t('straight-from-the-fridge')
        : t('on-the-counter', { duration: formatDuration(request.temper) });
    case 'turns':
      return WAY_TRAITS[request.way].turned === 'once'
        ? t('turned-once')
        : t('turned-every-s', { every: request.every });
    case 'cover':
      return COVERS[request.cover];
    case 'way':
      return WAY_NAMES[request.way].toLowerCase();
  }
};

/** Limits of a trial with one piece on each side. */
export const CANNOT_SHOW: Readonly<Record<TrialKind, string>> = {
  salt: t('the-model-has-salts-water-and-how'),
  temper: t('pieces-differ-by-a-degree-or-two'),
  turns: t('a-second-piece-is-never-the-same'),
  cover: t('how-soft-a-crust-is-is-felt'),
  way: t('two-ways-take-different-times-the-one'),
};
