import type { CookPlan } from './planResult';
import { cutOf, type PlanRequest } from '../request/request';

/** The browning index of the face whose crust matters and has least: under skin the flesh may stay pale. */
export const palestFace = (request: PlanRequest, faces: readonly [number, number]): number =>
  cutOf(request).skin ? faces[0] : Math.min(...faces);

/** Palest browning of a plan at slicing. */
export const palestBrowning = ({
  request,
  browning,
}: Pick<CookPlan, 'request' | 'browning'>): number => palestFace(request, browning);
