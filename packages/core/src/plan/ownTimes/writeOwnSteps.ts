import type { HeatScale } from '../legs/ownSteps';
import type { SaidStep, SaidTime } from './saidStep';

const duration = (seconds: number): string =>
  seconds % 60 === 0 ? `${seconds / 60} min` : `${Math.round(seconds)} s`;

const heat = (celsius: number, scale: HeatScale): string =>
  scale === 'f' ? `${Math.round((celsius * 9) / 5 + 32)} F` : `${Math.round(celsius)} C`;

/** `3 min`, `6 to 8 min`. */
const range = ({ least, most }: SaidTime): string => {
  if (least === most) return duration(least);
  const whole = least % 60 === 0 && most % 60 === 0;
  return whole
    ? `${least / 60} to ${most / 60} min`
    : `${Math.round(least)} to ${Math.round(most)} s`;
};

const wordsOf = (step: SaidStep, scale: HeatScale): string => {
  if (step.do === 'turn') return 'turn';
  if (step.do === 'rest') return `rest ${range(step.time)}${step.covered ? ' under foil' : ''}`;
  const { time, until } = step;
  const lasts = [
    ...(time ? [range(time)] : []),
    ...(until === undefined ? [] : [`until ${heat(until, scale)}`]),
  ].join(' ');
  if (step.do === 'oven') {
    return step.air === undefined ? `oven ${lasts}` : `oven ${heat(step.air, scale)} ${lasts}`;
  }
  const { every, pan, basted } = step;
  const where = pan === undefined ? '' : `pan ${heat(pan, scale)} `;
  if (basted) return `${where}baste ${lasts}`;
  if (every === undefined)
    return until === undefined ? `${where}${lasts}` : `${where || 'pan '}${lasts}`;
  const turned = `turn every ${duration(every)}`;
  return `${where}${turned} ${time && until === undefined ? `for ${lasts}` : lasts}`;
};

/** Steps as a line that `readSteps` reads as the same steps, whole seconds and degrees. */
export const writeOwnSteps = (steps: readonly SaidStep[], scale: HeatScale = 'c'): string =>
  steps.map((step) => wordsOf(step, scale)).join(', ');
