/** Time within which a waiting service worker takes over, ms; otherwise the page is only reloaded. */
const TAKES_OVER = 5000;

/** Loads the newer page: the one that waits on the device, or the server's. */
export const loadNewer = async (): Promise<void> => {
  const registration = await navigator.serviceWorker?.getRegistration();
  if (!registration) {
    window.location.reload();
    return;
  }
  const reload = (): void => window.location.reload();
  navigator.serviceWorker.addEventListener('controllerchange', reload, { once: true });
  setTimeout(reload, TAKES_OVER);
  const takeOver = (worker: ServiceWorker | null): void => {
    worker?.postMessage({ type: 'SKIP_WAITING' });
  };
  await registration.update().catch(() => undefined);
  takeOver(registration.waiting);
  const coming = registration.installing;
  coming?.addEventListener('statechange', () => takeOver(registration.waiting));
};
