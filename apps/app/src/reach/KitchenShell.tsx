import type { ReactNode } from 'react';
import { useAppSelector } from '../store/store';
import { Shell } from '../ui/Shell';
import { ReachNotice } from './ReachNotice';

/** Where a phone that only watches may look. */
const WATCHED = ['/stove', '/pass'] as const;

/** The places of the kitchen as far as this page's role goes, and what must be said of how it reaches it. */
export const KitchenShell = ({ children }: { readonly children: ReactNode }) => {
  const watches = useAppSelector(({ reach }) => reach.role === 'watcher');
  return (
    <Shell only={watches ? WATCHED : undefined}>
      <ReachNotice />
      {children}
    </Shell>
  );
};
