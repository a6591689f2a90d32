const fs = require('node:fs');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

/**
 * Metro does not shake trees. These modules stand in for what a package always loads and the interface never uses: zod's
 * messages in fifty languages, its compiler and its JSON schemas, which the server makes; the lists of React Native; and
 * the router's stacks and tabs with their headers, as the interface shows one place at a time in a slot.
 */
const STAND_INS = [
  { askedBy: /[\\/]zod[\\/]v4[\\/]/, asked: /locales\/index\.js$/, file: 'zodLocales.js' },
  {
    askedBy: /[\\/]zod[\\/]v4[\\/]/,
    asked: /\/(compile|(to|from)-json-schema|json-schema-(processors|generator))\.js$/,
    file: 'zodJsonSchema.js',
  },
  {
    askedBy: /[\\/]react-native-web[\\/]dist[\\/]exports[\\/]/,
    asked: /\/vendor\/react-native\/(FlatList|SectionList|VirtualizedList)$/,
    file: 'lists.js',
  },
  {
    askedBy:
      /[\\/]expo-router[\\/]build[\\/](index|exports|layouts[\\/]StackClient|views[\\/]\w+)\.js$/,
    asked:
      /\/(stack|layouts\/(Tabs|experimental-stack)|createNativeStackNavigator|stack-utils|bottom-tabs)$/,
    file: 'navigators.js',
  },
];

/** Stand-ins that this build has used: scripts/build.mjs fails where one is of no use any more. */
const report = process.env.CRUSTAN_STAND_INS;

const upstream = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  const found = STAND_INS.find(
    ({ askedBy, asked }) => askedBy.test(context.originModulePath) && asked.test(name),
  );
  if (!found) return (upstream ?? context.resolveRequest)(context, name, platform);
  if (report) fs.appendFileSync(report, `${found.file}\n`);
  return { type: 'sourceFile', filePath: path.resolve(__dirname, 'bundle', found.file) };
};

module.exports = withNativeWind(config, { input: './global.css' });
