// NativeWind's class names for the components this app uses; its own list pulls in every
// component of react-native-web, virtualised lists and animations among them.
import { cssInterop } from 'react-native-css-interop/dist/runtime/api';
import { Pressable, ScrollView, Text, TextInput, View } from 'react-native';

cssInterop(Pressable, { className: 'style' });
cssInterop(ScrollView, { className: 'style', contentContainerClassName: 'contentContainerStyle' });
cssInterop(Text, { className: 'style' });
cssInterop(TextInput, { className: { target: 'style', nativeStyleToProp: { textAlign: true } } });
cssInterop(View, { className: 'style' });
