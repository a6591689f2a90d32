// A Slot navigates by the plain stack router; the client one brings the native stack's views.
export { StackRouter } from 'expo-router/build/react-navigation/routers/StackRouter';
