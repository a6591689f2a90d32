import { describe, expect, it } from '@jest/globals';
import { isDiskFull } from './errorCode';

const failed = (code: string): Error => Object.assign(new Error('no write'), { code });

describe('a write that failed', () => {
  it.each(['ENOSPC', 'EDQUOT', 'EFBIG', 'SQLITE_FULL', 'SQLITE_IOERR_WRITE'])(
    'with %s found no room: 507',
    (code) => expect(isDiskFull(failed(code))).toBe(true),
  );

  it.each(['EACCES', 'SQLITE_BUSY', 'SQLITE_IOERR_READ'])('with %s did not', (code) => {
    expect(isDiskFull(failed(code))).toBe(false);
    expect(isDiskFull('no error')).toBe(false);
  });
});
