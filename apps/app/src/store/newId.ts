/** A fresh id. The browser's own: every page is served by this machine, or over TLS. */
export const newId = (): string => crypto.randomUUID();
