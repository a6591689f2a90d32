import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import type { Show } from './show';

/** What a request's piece is called. */
export const pieceName = (request: Pick<PlanRequest, 'cut' | 'own'>): string => cutOf(request).name;

export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** What a plan is called until somebody names it. */
export const planTitle = (request: PlanRequest, show: Show): string =>
  `${request.pieces > 1 ? `${request.pieces} × ` : ''}${capital(pieceName(request))}, ${show.thickness(request.thickness)}`;
