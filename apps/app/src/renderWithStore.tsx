import type { ReactNode } from 'react';
import { render } from '@testing-library/react';
import { Provider } from 'react-redux';
import { makeStore } from './store/store';

/** Renders a part of the interface with its own store. */
export const renderWithStore = (part: ReactNode) => {
  localStorage.clear();
  const store = makeStore();
  const inStore = (shown: ReactNode) => <Provider store={store}>{shown}</Provider>;
  const rendered = render(inStore(part));
  return { store, ...rendered, rerender: (next: ReactNode) => rendered.rerender(inStore(next)) };
};
