/** Messages of the command line. */
export const cli = {
  file: 'FILE',
  usage:
    'usage: npm run -s crustan -- {commands} | plan --say "two ribeyes, 4 cm, rare" | schema NAME',
  'unknown-schema': 'Unknown schema. Use one of {schemas}.',
  'file-cannot-be-read': '{file} cannot be read: {why}',
  'file-is-not-json': '{file} cannot be read as JSON: {why}',
  'not-json': 'Not JSON',
  'line-is-not-json': 'line {line} is not JSON: {why}',
  'not-in-range': 'This is not in range',
  'leave-ice-in-the-middle':
    'leave ice in the middle ({core} C after {seconds} s): longer, or until thawed, would be right',
} as const;
