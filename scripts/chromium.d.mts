export const CHROMIUM_ARGS: string[];
export const ensureChromium: () => string;
export const homeThatTrusts: (home: string, certificate: string) => string;
