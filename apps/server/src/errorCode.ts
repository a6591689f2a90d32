/** A property of something thrown: not every error comes from this realm, or is one. */
export const thrownProperty = (
  error: unknown,
  name: 'status' | 'type' | 'limit' | 'code' | 'message',
): unknown => (typeof error === 'object' && error !== null ? Reflect.get(error, name) : undefined);

/** What the system or SQLite calls an error. */
export const errorCode = (error: unknown): string | undefined => {
  const code = thrownProperty(error, 'code');
  return typeof code === 'string' ? code : undefined;
};

/** Why something failed, in its own words. */
export const whyOf = (error: unknown): string => {
  const message = thrownProperty(error, 'message');
  return typeof message === 'string' ? message : String(error);
};

/** Whether a write failed because there is no room. */
export const isDiskFull = (error: unknown): boolean =>
  ['ENOSPC', 'EDQUOT', 'SQLITE_FULL'].includes(errorCode(error) ?? '');
