/** Ways to call a cook, each doing nothing where the browser has it not. */

let audio: AudioContext | undefined;

/** Sounds need a first touch on the page: call it from one. */
export const wakeSound = (): void => {
  if (typeof AudioContext === 'undefined') return;
  audio ??= new AudioContext();
  void audio.resume();
};

/** Notes of the two calls, Hz: ready soon, and now. */
const CALLS = { soon: [660], now: [880, 660, 880] } as const;
export type Call = keyof typeof CALLS;

/** Long and short, ms. */
const BUZZES: Readonly<Record<Call, number[]>> = { soon: [120], now: [250, 100, 250, 100, 250] };

export const beep = (call: Call): void => {
  if (!audio || audio.state !== 'running') return;
  CALLS[call].forEach((pitch, i) => {
    if (!audio) return;
    const at = audio.currentTime + i * 0.22;
    const tone = audio.createOscillator();
    const gain = audio.createGain();
    tone.frequency.value = pitch;
    gain.gain.setValueAtTime(0.0001, at);
    gain.gain.exponentialRampToValueAtTime(0.4, at + 0.02);
    gain.gain.exponentialRampToValueAtTime(0.0001, at + 0.18);
    tone.connect(gain).connect(audio.destination);
    tone.start(at);
    tone.stop(at + 0.2);
  });
};

export const buzz = (call: Call): void => {
  if ('vibrate' in navigator) navigator.vibrate(BUZZES[call]);
};

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
