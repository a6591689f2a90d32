/** Longest side a kept picture has, px. */
const LONGEST = 1600;

/** A picture no larger than a page shows, as JPEG; undefined if the browser cannot read it. */
export const smallerPicture = async (file: Blob): Promise<Blob | undefined> => {
  try {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(picture.width * scale);
    canvas.height = Math.round(picture.height * scale);
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return await new Promise((resolve) =>
      canvas.toBlob((blob) => resolve(blob ?? undefined), 'image/jpeg', 0.85),
    );
  } catch {
    return undefined;
  }
};
