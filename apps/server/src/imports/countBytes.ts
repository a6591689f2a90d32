import { Transform } from 'node:stream';

/** A passage that counts what goes through it and ends with an error past `most` bytes. */
export const countBytes = (
  most: number,
  counted: (bytes: number) => void = () => undefined,
): { readonly through: Transform; readonly tooMany: () => boolean } => {
  let received = 0;
  const through = new Transform({
    transform: (chunk: Buffer, _encoding, done) => {
      received += chunk.length;
      counted(received);
      if (received > most) done(new Error('too large'));
      else done(null, chunk);
    },
  });
  return { through, tooMany: () => received > most };
};
