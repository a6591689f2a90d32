const fs = require('node:fs');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

/**
 * Metro does not shake trees, so that one module is stood in for: zod's index of messages in fifty
 * languages, of which the interface shows none. Documented by zod: locales are optional imports.
 */
const STAND_INS = [
  { askedBy: /[\\/]zod[\\/]v4[\\/]/, asked: /locales\/index\.js$/, file: 'zodLocales.js' },
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
