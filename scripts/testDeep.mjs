// npm run test:deep: every case of the slow properties, and the slow browser tests; ends with a count.
process.env.CRUSTAN_DEEP = '1';
await import('./test.mjs');
