// jsdom has no fetch and no text coders of its own: Node's are handed in.
const { TestEnvironment } = require('jest-environment-jsdom');

module.exports = class extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, {
      fetch,
      Request,
      Response,
      Headers,
      AbortController,
      structuredClone,
      BroadcastChannel,
      AbortSignal,
      TextEncoder,
      TextDecoder,
    });
    // The units and the clock that a test does not choose.
    Object.defineProperty(this.global.navigator, 'language', {
      value: 'en-GB',
      configurable: true,
    });
    // jsdom has none.
    this.global.matchMedia = () => ({
      matches: false,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
    });
    // An id of its own making: jsdom's crypto lacks it.
    Object.defineProperty(this.global.crypto, 'randomUUID', {
      value: () => crypto.randomUUID(),
      configurable: true,
    });
  }
};
