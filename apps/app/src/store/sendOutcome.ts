import { z } from 'zod';
import { problemSchema, type Problem } from '@crustan/core/formats/problem';
import { PROBLEM_TYPES } from '@crustan/core/formats/problemTypes';
import { t } from '../t';

/** Consequence of a failed request for the entries that were sent. */
export type SendOutcome =
  /** It may pass: sent again, later each time. */
  | { readonly kind: 'later'; readonly why: string }
  /** The batch is too large: sent again in halves. */
  | { readonly kind: 'smaller'; readonly why: string }
  /** These of the batch are refused, by their place in it; the others are sent again. */
  | { readonly kind: 'events'; readonly refused: ReadonlyMap<number, string> }
  /** The whole batch is rejected, without a named part. */
  | { readonly kind: 'refused'; readonly why: string }
  /** The cook, or the service, is not in the logbook. */
  | { readonly kind: 'gone' };

const failureSchema = z.object({ status: z.number(), data: z.unknown() });

/** Problems that say what the events are of is not there. */
const GONE: readonly string[] = [PROBLEM_TYPES.noSuchCook, PROBLEM_TYPES.noSuchService];

/** Statuses under 500 that may pass: a server that is busy, starting, or not this one. */
const MAY_PASS: readonly number[] = [401, 403, 407, 408, 409, 421, 423, 425, 429];

const wordsOf = (status: number, problem: Problem | undefined): string =>
  problem ? `${problem.title}: ${problem.detail}` : t('the-server-answered', { status });

/** Entries of a batch that a problem names, by the paths of its errors: `entries[3].event.celsius`. */
const entriesNamed = ({ errors = [] }: Problem): ReadonlyMap<number, string> | undefined => {
  const named = new Map<number, string>();
  for (const { path, message } of errors) {
    const place = /^entries\[(\d+)\]/.exec(path)?.[1];
    // Something else is wrong too: the batch, not an entry.
    if (place === undefined) return undefined;
    const field = path.replace(/^entries\[\d+\]\.?(?:event\.?)?/, '');
    named.set(Number(place), field === '' ? message : `${field} ${message}`);
  }
  return named.size === 0 ? undefined : named;
};

/**
 * Decides by the status and the problem's type what happens to a failed request. Only a 4xx about the message itself
 * rejects it; every other failure may pass.
 */
export const sendOutcome = (error: unknown): SendOutcome => {
  const failure = failureSchema.safeParse(error).data;
  if (!failure) return { kind: 'later', why: t('the-server-cannot-be-reached') };
  const { status } = failure;
  const problem = problemSchema.safeParse(failure.data).data;
  const why = wordsOf(status, problem);
  const named = problem && entriesNamed(problem);
  if (problem?.type === PROBLEM_TYPES.eventElsewhere && named) {
    return { kind: 'events', refused: named };
  }
  if (problem && GONE.includes(problem.type)) return { kind: 'gone' };
  if (status === 413) return { kind: 'smaller', why };
  if (status < 400 || status >= 500 || MAY_PASS.includes(status)) return { kind: 'later', why };
  // An answer without a problem document is not from this server.
  if (!problem) return { kind: 'later', why };
  return named ? { kind: 'events', refused: named } : { kind: 'refused', why };
};
