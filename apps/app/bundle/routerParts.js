// The parts of Expo Router this app uses. Its index also brings tabs, drawers, native stacks and
// their headers, which Metro cannot shake off: some 60 kB on the first load.
export { useLocalSearchParams, usePathname, useRouter } from 'expo-router/build/hooks';
export { Link } from 'expo-router/build/link/Link';
export { Slot } from 'expo-router/build/views/Navigator';
