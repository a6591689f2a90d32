import { z } from 'zod';
import { PROBLEM_TYPES } from './problemTypes';

/** Every error the server answers, and the command line prints: RFC 9457, with field paths. */
export const problemSchema = z.strictObject({
  type: z.string(),
  title: z.string(),
  status: z.number().int(),
  detail: z.string(),
  errors: z.array(z.strictObject({ path: z.string(), message: z.string() })).optional(),
});
export type Problem = z.infer<typeof problemSchema>;

const describePath = (path: readonly PropertyKey[]): string =>
  path
    .map((part, i) =>
      typeof part === 'number' ? `[${part}]` : `${i > 0 ? '.' : ''}${String(part)}`,
    )
    .join('');

/** Turns a Zod error into a problem that says where, what is wrong and what would be right. */
export const problemOf = (error: z.ZodError, status = 400): Problem => {
  const errors = error.issues.flatMap((issue) => {
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => ({
        path: describePath([...issue.path, key]),
        message: 'is not a known key here',
      }));
    }
    return [{ path: describePath(issue.path) || '(the whole)', message: issue.message }];
  });
  return {
    type: PROBLEM_TYPES.outOfRange,
    title: 'This is not in range',
    status,
    detail: errors.map(({ path, message }) => `${path} ${message}`).join('; '),
    errors,
  };
};
