// Property tests draw the same cases every time, so that a failure can be run again: other draws
// by CRUSTAN_SEED, and thousands of them by the benches.
const { configureGlobal } = require('fast-check');

configureGlobal({ seed: Number(process.env.CRUSTAN_SEED ?? 1) });
