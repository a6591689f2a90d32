import '../../global.css';
import { useEffect, useState } from 'react';
import { Slot, type ErrorBoundaryProps } from 'expo-router';
import { Provider } from 'react-redux';
import { fetchPlaces } from '../places';
import { keepPage } from '../keepPage';
import { keepTime } from '../store/clockLink';
import { keepLog } from '../store/keepLog';
import { syncKitchen } from '../store/kitchenSync';
import { keepLight } from '../store/keepLight';
import { keepNative } from '../store/nativeDraft';
import { keepOnDevice } from '../store/keepOnDevice';
import { watchReach } from '../store/reachLink';
import { runLater } from '../store/runLater';
import { makeStore } from '../store/store';
import { KitchenShell } from '../reach/KitchenShell';
import { BrokenPage } from '../ui/BrokenPage';

export const ErrorBoundary = ({ error, retry }: ErrorBoundaryProps) => (
  <BrokenPage error={error} retry={retry} />
);

/** Delay after which the other places are loaded, after the one that was tapped, ms. */
const AFTER_THE_TAP = 1500;

export default function Layout() {
  const [store] = useState(makeStore);
  useEffect(() => {
    const stops = [
      keepOnDevice(store),
      keepLight(store),
      keepNative(store),
      keepLog(store),
      keepTime(),
      syncKitchen(store),
      watchReach(store),
      runLater(async () => (await import('../store/logTraffic')).runLogTraffic(store)),
    ];
    return () => stops.toReversed().forEach((stop) => stop());
  }, [store]);
  useEffect(() => {
    // At the first touch: the first load is Plan's own, and nobody goes elsewhere without one.
    const once = { once: true } as const;
    const touched = (): void => {
      window.removeEventListener('pointerdown', touched);
      window.removeEventListener('keydown', touched);
      // The reaction to the tap is drawn first.
      setTimeout(() => {
        fetchPlaces();
        keepPage();
      }, AFTER_THE_TAP);
    };
    window.addEventListener('pointerdown', touched, once);
    window.addEventListener('keydown', touched, once);
    return () => {
      window.removeEventListener('pointerdown', touched);
      window.removeEventListener('keydown', touched);
    };
  }, []);
  return (
    <Provider store={store}>
      <KitchenShell>
        <Slot />
      </KitchenShell>
    </Provider>
  );
}
