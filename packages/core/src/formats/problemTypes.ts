/**
 * Types of the problems by which a program decides; every other problem is `about:blank` and its status is sufficient.
 * They are names, not addresses.
 */
export const PROBLEM_TYPES = {
  /** Parts of a message are out of range; `errors` says which. */
  outOfRange: 'urn:crustan:problem:out-of-range',
  /** Events of a batch are in another cook already; `errors` says which. */
  eventElsewhere: 'urn:crustan:problem:event-of-another-cook',
  /** The cook is not in the logbook: it was deleted, or never was. */
  noSuchCook: 'urn:crustan:problem:no-such-cook',
  /** The service is not in the logbook. */
  noSuchService: 'urn:crustan:problem:no-such-service',
  /** Other long work is running; the request can be repeated. */
  busy: 'urn:crustan:problem:busy',
  /** The object was changed since the version on which this change was made. */
  stale: 'urn:crustan:problem:stale-version',
  diskFull: 'urn:crustan:problem:disk-full',
  /** Asked under a name, or from a page, that is not this kitchen's. */
  foreign: 'urn:crustan:problem:foreign',
  /** Asked over the network by a phone that is not paired, or no longer. */
  unpaired: 'urn:crustan:problem:unpaired',
  /** A paired phone may not do this. */
  role: 'urn:crustan:problem:role',
  /** Too many requests: asked again after a while. */
  tooMany: 'urn:crustan:problem:too-many',
} as const;
export type ProblemType = (typeof PROBLEM_TYPES)[keyof typeof PROBLEM_TYPES] | 'about:blank';
