const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

/**
 * What the first load can do without. Metro does not shake trees, so whole modules are stood in
 * for: [who asks, what is asked for, the stand-in in bundle/]. Each says why it is enough.
 */
const STAND_INS = [
  [/[\\/]zod[\\/]v4[\\/]/, /locales\/index\.js$/, 'zodLocales.js'],
  [
    /[\\/]zod[\\/]v4[\\/]/,
    /\/(compile|json-schema-processors|to-json-schema|from-json-schema|json-schema-generator)\.js$/,
    'zodTrimmed.js',
  ],
  [/[\\/]apps[\\/]app[\\/]src[\\/]/, /^expo-router$/, 'routerParts.js'],
  [/expo-router[\\/]build[\\/]views[\\/]Navigator/, /\/layouts\/StackClient$/, 'routerStack.js'],
  [/expo-router[\\/]build[\\/]/, /\/(Toast|Sitemap|NativeTabTrigger)$/, 'routerAbsent.js'],
  [/react-native-css-interop[\\/]/, /\/components$/, 'classNames.js'],
];

const upstream = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const found = STAND_INS.find(
    ([origin, asked]) => origin.test(context.originModulePath) && asked.test(name),
  );
  return found
    ? { type: 'sourceFile', filePath: path.resolve(__dirname, 'bundle', found[2]) }
    : (upstream ?? context.resolveRequest)(context, name, platform);
};

module.exports = withNativeWind(config, { input: './global.css' });
