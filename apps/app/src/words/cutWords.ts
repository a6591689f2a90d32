import { translateName } from '@crustan/messages';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import type { Show } from './show';
import { t } from '../t';

type Piece = Pick<PlanRequest, 'cut' | 'own' | 'game' | 'treated'>;

/** Name of a request's piece: `wild boar loin steak`, `tenderised strip steak`. */
export const pieceName = (request: Piece): string => {
  const { name, game } = cutOf(request);
  const origin = request.game ?? game;
  // The name of an own cut is the user's text.
  const wild = origin === 'wild' && request.own === undefined ? [t('wild')] : [];
  const treated = request.treated === undefined ? [] : [translateName(request.treated)];
  const traits = [...treated, ...wild].join(' ');
  const piece = request.own === undefined ? translateName(name) : name;
  return traits === '' ? piece : t('piece-with-traits', { traits, piece });
};

export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** Default title of a plan. */
export const planTitle = (request: PlanRequest, show: Show): string =>
  `${request.pieces > 1 ? `${request.pieces} × ` : ''}${capital(pieceName(request))}, ${show.thickness(request.thickness)}`;
