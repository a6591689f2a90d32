/** Storage of this device between visits: small JSON values under one prefix, written at once. */
const PREFIX = 'crustan.';

/** Reads a stored value; undefined if it is missing or does not parse. */
export const loadLocal = <T>(
  name: string,
  parse: (value: unknown) => T | undefined,
): T | undefined => {
  try {
    const text = localStorage.getItem(PREFIX + name);
    return text === null ? undefined : parse(JSON.parse(text));
  } catch {
    return undefined;
  }
};

/** Keeps a value; false when the device refuses (private window, full). */
export const saveLocal = (name: string, value: unknown): boolean => {
  try {
    if (value === undefined) localStorage.removeItem(PREFIX + name);
    else localStorage.setItem(PREFIX + name, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
};
