import type { Light } from './lightSlice';
import { onChange } from './onChange';
import type { AppStore } from './store';

/** Value of the page root's light attribute; undefined if each place has its own light. */
const saidOf = (light: Light, dark: boolean): string | undefined => {
  if (light === 'places') return undefined;
  if (light === 'system') return dark ? 'dark' : 'light';
  return light;
};

/** Puts the chosen light on the page, and follows the system where it is asked to. @returns stops it */
export const keepLight = (store: AppStore): (() => void) => {
  const system = window.matchMedia('(prefers-color-scheme: dark)');
  const put = (): void => {
    const said = saidOf(store.getState().light, system.matches);
    if (said === undefined) delete document.documentElement.dataset['light'];
    else document.documentElement.dataset['light'] = said;
  };
  put();
  const stop = onChange(store, ({ light }) => light, put);
  system.addEventListener('change', put);
  return () => {
    stop();
    system.removeEventListener('change', put);
  };
};
