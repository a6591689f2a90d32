import type { CookPlan } from './planResult';
import { cutOf } from './request';

/** The face whose crust matters and has least: under skin the flesh may stay pale. */
export const palest = ({ request, browning }: Pick<CookPlan, 'request' | 'browning'>): number =>
  cutOf(request).skin ? browning[0] : Math.min(...browning);
