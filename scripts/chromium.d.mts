export const CHROMIUM_ARGS: string[];
export const ensureChromium: () => string;
