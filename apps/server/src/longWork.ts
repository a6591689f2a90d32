import { PROBLEM_TYPES } from '@crustan/core/formats';
import { problem } from './problems';

/** A long job: a file is read or written, and what was read of it is imported. */
export type LongJob = 'backup' | 'restore' | 'import' | 'reading' | 'writing';

/** Work on the whole logbook: reading it can run beside another reading, changing it cannot. */
type Share = 'reads' | 'changes';

/**
 * One long job at a time: an import and a restore never meet, and no file is written out of a logbook that is being
 * replaced.
 */
export class LongWork {
  private readonly going = new Map<symbol, { readonly what: LongJob; readonly share: Share }>();

  /**
   * Begins a long job.
   * @returns ends it; more than once is harmless
   * @throws a problem that says what it would have to wait for
   */
  begin(what: LongJob, share: Share): () => void {
    const other = [...this.going.values()].find(
      (one) => share === 'changes' || one.share === 'changes',
    );
    if (other) {
      throw problem(409, (t) => [t('one-thing-at-a-time'), t(`wait-for-the-${other.what}`)], {
        type: PROBLEM_TYPES.busy,
      });
    }
    const job = Symbol(what);
    this.going.set(job, { what, share });
    return () => this.going.delete(job);
  }
}
