import { useEffect, type ReactNode } from 'react';
import { usePathname, useRouter } from 'expo-router';
import { useWatches } from '../store/useWatches';
import { Shell } from '../ui/Shell';
import { OtherPlaces } from './OtherPlaces';
import { ReachNotice } from './ReachNotice';

/** Pages that a view-only phone can open. */
const WATCHED = ['/stove', '/pass'] as const;

/** The places of the kitchen as far as this page's role goes, and what must be said of how it reaches it. */
export const KitchenShell = ({ children }: { readonly children: ReactNode }) => {
  const watches = useWatches();
  const path = usePathname();
  const router = useRouter();
  const elsewhere = watches && !WATCHED.some((place) => path.startsWith(place));
  useEffect(() => {
    if (elsewhere) router.replace(WATCHED[0]);
  }, [elsewhere, router]);
  return (
    <Shell only={watches ? WATCHED : undefined}>
      <ReachNotice />
      <OtherPlaces path={path} />
      {children}
    </Shell>
  );
};
