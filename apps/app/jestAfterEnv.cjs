// Chunks that come late are compiled on their first use: a busy machine needs its time for that.
const { configure } = require('@testing-library/react');

// jsdom has no style sheet of the interface: looking for hidden elements would only cost time.
configure({ asyncUtilTimeout: 20_000, defaultHidden: true });
