import type { Forecast } from '@crustan/core/estimate/forecastResult';
import type { PlanRequest } from '@crustan/core/plan/request';
import { ovenAir } from '@crustan/core/plan/ovenAir';
import { showDuration } from '@crustan/core/units';
import type { Show } from '../../words/show';
import { t } from './t';

/** Deviations either side that hold four out of five. */
const EIGHTY = 1.2816;

/** Least deviation of a figure that is shown, K or m; contact as a share. */
const WORTH = { thickness: 0.0015, start: 2, contact: 0.12 } as const;
const WORTH_OVEN = 5;

/** Largest ratio of standard deviation to deviation at which the deviation is shown. */
const SURE = 0.8;

const worthTelling = (off: number, sigma: number, worth: number): number | undefined =>
  Math.abs(off) >= worth && sigma <= SURE * Math.abs(off) ? off : undefined;

const deviationOf = ({ kitchen, sigma }: Forecast, key: keyof typeof WORTH): number | undefined => {
  const off = key === 'contact' ? Math.log(kitchen.contact) : kitchen[key];
  return worthTelling(off, sigma[key], WORTH[key]);
};

/** Properties of the kitchen in one sentence; empty if none is known well enough. */
export const describeKitchen = (forecast: Forecast, request: PlanRequest, show: Show): string => {
  if (forecast.readings === 0) return '';
  const air = ovenAir(request);
  const like = forecast.ovenLike;
  const oven = like && worthTelling(like.over, like.sigma, WORTH_OVEN);
  if (air !== undefined && oven !== undefined) {
    return t('your-oven-is-behaving-like', { degrees: show.degrees(air + oven) });
  }
  const thick = deviationOf(forecast, 'thickness');
  if (thick !== undefined)
    return t('it-cooks-like', { thickness: show.thickness(request.thickness + thick) });
  const start = deviationOf(forecast, 'start');
  if (start !== undefined)
    return t('it-began-nearer', { degrees: show.degrees(request.start + start) });
  const contact = deviationOf(forecast, 'contact');
  if (contact === undefined) return '';
  return contact > 0
    ? t('the-pan-grips-it-better-than-usual')
    : t('the-pan-grips-it-less-than-usual');
};

/** A range this wide either way is given by its two ends, s. */
const WIDE = 120;

/** Advice that narrows a wide range. */
const narrowing = ({ readings }: Forecast): string =>
  readings === 0
    ? t('a-thermometer-in-the-middle-would-narrow')
    : t('a-reading-nearer-to-the-end-would');

/** Time and temperature of the end, with the 80 % range. @param now ms since 1970: no pull is due before it */
export const describeForecast = (forecast: Forecast, show: Show, now = -Infinity): string => {
  const end = EIGHTY * forecast.endSpread;
  const ends = t('ends-to', {
    degrees: show.degrees(forecast.end - end),
    degrees2: show.degrees(forecast.end + end),
  });
  if (forecast.decided) {
    const highest =
      forecast.peakAfter > 30
        ? t('at-its-highest-about-after-it-left', {
            duration: showDuration(Math.round(forecast.peakAfter / 30) * 30),
          })
        : '';
    return t('it', { ends, highest });
  }
  const spread = EIGHTY * forecast.pullSpread;
  const either = t('you-have-either-way', {
    duration: showDuration(Math.round(forecast.leeway / 5) * 5),
  });
  if (spread >= WIDE) {
    const [first, last] = [-1, 1].map((side) =>
      show.clock(Math.max(now, forecast.pullAt + side * spread * 1000)),
    );
    return t('due-to-pulled-in-the-middle-of', {
      first: first ?? '',
      last: last ?? '',
      ends,
      narrowing: narrowing(forecast),
    });
  }
  return t('due-give-or-take-pulled-then-it', {
    clock: show.clock(forecast.pullAt),
    duration: showDuration(Math.max(10, Math.round(spread / 10) * 10)),
    ends,
    either,
  });
};

/** A probe is called misplaced from this chance on. */
const NAMED = 0.5;

/** Fault of the probe's position, and advice; undefined if it is well placed. */
export const describeProbe = ({ probe, readings }: Forecast): string | undefined => {
  if (readings === 0 || probe.chance < NAMED) return undefined;
  switch (probe.kind) {
    case 'out':
      return t('the-probe-reads-the-air-not-the');
    case 'surface':
      return t('the-probe-lies-near-the-surface-it');
    case 'bone':
      return t('the-probe-seems-to-touch-the-bone');
    case 'middle':
    case 'off':
      return undefined;
  }
};
