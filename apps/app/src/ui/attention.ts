/** Ways to call a cook, each without effect if the browser lacks it. */

export const say = (words: string): void => {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
};

/** Asks once; false when the cook or the browser says no. */
export const mayNotify = async (): Promise<boolean> => {
  if (!('Notification' in window)) return false;
  if (Notification.permission !== 'default') return Notification.permission === 'granted';
  return (await Notification.requestPermission()) === 'granted';
};

/** A note from the system, when the page is out of sight. The next one takes its place. */
export const notify = async (words: string): Promise<void> => {
  if (!('Notification' in window) || Notification.permission !== 'granted') return;
  if (document.visibilityState === 'visible') return;
  const options = { body: words, tag: 'crustan-stove', requireInteraction: true };
  // Phones show notes only through the service worker.
  const worker = await navigator.serviceWorker?.getRegistration();
  if (worker) await worker.showNotification('Crustan', options);
  else new Notification('Crustan', options);
};
