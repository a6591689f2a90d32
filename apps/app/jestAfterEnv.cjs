// Chunks that come late are compiled on their first use: a busy machine needs its time for that.
const { configure } = require('@testing-library/react');

configure({ asyncUtilTimeout: 20_000 });
