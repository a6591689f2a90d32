import { showDuration, type UnitSystem } from '@crustan/core/units';
import { t } from '../t';

/** From here on a time is said in whole minutes, s; until then to this, s. */
const MINUTES_FROM = 1200;
const SAID_TO = 10;

/** A cell's time: `9:30`, `45 min`, `1 h 40`. */
export const formatCellTime = (seconds: number): string => {
  if (seconds < MINUTES_FROM) return showDuration(Math.round(seconds / SAID_TO) * SAID_TO);
  const minutes = Math.round(seconds / 60);
  if (minutes < 60) return t('min-2', { minutes });
  return t('h', {
    value: Math.floor(minutes / 60),
    padStart: String(minutes % 60).padStart(2, '0'),
  });
};

/** Uncertainty of a time: `40 s`, `3 min`. */
export const formatSpread = (seconds: number): string =>
  seconds < 90
    ? t('s-2', { value: Math.round(seconds / 5) * 5 })
    : t('min', { value: Math.round(seconds / 60) });

/** Rows of a card, and the step between them, m: round figures in the cook's own units. */
const ROWS = 6;
const STEPS: Readonly<Record<UnitSystem, Readonly<Record<'piece' | 'whole', number>>>> = {
  metric: { piece: 0.005, whole: 0.01 },
  imperial: { piece: 0.00635, whole: 0.0127 },
};

const stepOf = (units: UnitSystem, whole: boolean): number =>
  STEPS[units][whole ? 'whole' : 'piece'];

/** The thinnest row of a card about a thickness, m. */
export const thinnestFor = (thickness: number, units: UnitSystem, whole: boolean): number => {
  const step = stepOf(units, whole);
  return Math.max(2, Math.round(thickness / step) - 2) * step;
};

export const thicknessesFrom = (
  thinnest: number,
  units: UnitSystem,
  whole: boolean,
): readonly number[] => Array.from({ length: ROWS }, (_, i) => thinnest + i * stepOf(units, whole));
