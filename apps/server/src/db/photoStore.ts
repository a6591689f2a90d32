import { eq } from 'drizzle-orm';
import type { Book } from './book';
import { photos } from './schema';

export interface Photo {
  readonly type: string;
  readonly bytes: Buffer;
}

export interface PhotoStore {
  readonly get: (cookId: string) => Photo | undefined;
  readonly put: (cookId: string, photo: Photo) => void;
  readonly remove: (cookId: string) => boolean;
}

/** One photograph a cook. */
export const photoStore = (book: Book): PhotoStore => ({
  get: (cookId) =>
    book.db
      .select({ type: photos.type, bytes: photos.bytes })
      .from(photos)
      .where(eq(photos.cookId, cookId))
      .get(),
  put: (cookId, { type, bytes }) => {
    book.db
      .insert(photos)
      .values({ cookId, type, bytes })
      .onConflictDoUpdate({ target: photos.cookId, set: { type, bytes } })
      .run();
  },
  remove: (cookId) => book.db.delete(photos).where(eq(photos.cookId, cookId)).run().changes > 0,
});

/** Type of a picture by its first bytes; undefined if it is not a supported type. */
export const pictureType = (
  bytes: Buffer,
): 'image/jpeg' | 'image/png' | 'image/webp' | undefined => {
  if (bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff]))) return 'image/jpeg';
  if (bytes.subarray(0, 4).equals(Buffer.from([0x89, 0x50, 0x4e, 0x47]))) return 'image/png';
  const riff = bytes.subarray(0, 4).toString('latin1') === 'RIFF';
  return riff && bytes.subarray(8, 12).toString('latin1') === 'WEBP' ? 'image/webp' : undefined;
};
