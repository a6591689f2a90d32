/** A property of something thrown: not every error comes from this realm, or is one. */
export const thrownProperty = (
  error: unknown,
  name: 'status' | 'type' | 'limit' | 'code' | 'message',
): unknown => (typeof error === 'object' && error !== null ? Reflect.get(error, name) : undefined);

/** Code of an error of the system or of SQLite. */
export const errorCode = (error: unknown): string | undefined => {
  const code = thrownProperty(error, 'code');
  return typeof code === 'string' ? code : undefined;
};

/** Message of an error. */
export const whyOf = (error: unknown): string => {
  const message = thrownProperty(error, 'message');
  return typeof message === 'string' ? message : String(error);
};

/**
 * Codes of a write that found no room: a full disk, a quota, a file that may not grow. SQLite reports the last as a
 * failed write.
 */
const NO_ROOM: readonly string[] = [
  'ENOSPC',
  'EDQUOT',
  'EFBIG',
  'SQLITE_FULL',
  'SQLITE_IOERR_WRITE',
];

/** Whether a write failed because the disk is full. */
export const isDiskFull = (error: unknown): boolean => NO_ROOM.includes(errorCode(error) ?? '');
