import { createContext } from 'react';

const Navigator = () => {
  throw new Error('The stacks and tabs of the router are not in this build: see metro.config.js');
};

export const createNativeStackNavigator = () => ({ Navigator });

/** Height of a bar of tabs at the bottom: there is none. */
export const BottomTabBarHeightContext = createContext(undefined);
