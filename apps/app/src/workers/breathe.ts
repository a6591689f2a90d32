/** Longest a worker computes without looking whether it is still wanted, ms. */
export const SPELL = 12;

/** Lets messages in. A zero timeout is clamped to 4 ms when nested; a channel is not. */
export const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
