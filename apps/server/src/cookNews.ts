/** Tells every page that follows a cook that something was said of it. */
export interface CookNews {
  readonly tell: (cookId: string) => void;
  /** @returns stops following */
  readonly follow: (cookId: string, heard: () => void) => () => void;
}

export const cookNews = (): CookNews => {
  const followers = new Map<string, Set<() => void>>();
  return {
    tell: (cookId) => followers.get(cookId)?.forEach((heard) => heard()),
    follow: (cookId, heard) => {
      const all = followers.get(cookId) ?? new Set();
      followers.set(cookId, all.add(heard));
      return () => {
        all.delete(heard);
        if (all.size === 0) followers.delete(cookId);
      };
    },
  };
};
