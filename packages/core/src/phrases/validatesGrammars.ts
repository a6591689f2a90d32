/** Whether grammars are validated as they are made: in tests. It would take a third of a second of each page. */
export const VALIDATES_GRAMMARS = process.env['NODE_ENV'] === 'test';
