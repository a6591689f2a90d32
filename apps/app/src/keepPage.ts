/** Keeps the page on the device, where the browser allows it: https, or this machine itself. */
export const keepPage = (): void => {
  if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
  // Without it the page needs the network to be opened, and does everything else.
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  // Presses that wait to be sent are not to be cleared away when the device runs short of room.
  navigator.storage?.persist?.().catch(() => undefined);
};
