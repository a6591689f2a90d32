/** A file's text, and how its bytes were read. */
export interface DecodedText {
  readonly text: string;
  readonly encoding: 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';
}

const MARKS = [
  ['utf-16le', [0xff, 0xfe]],
  ['utf-16be', [0xfe, 0xff]],
] as const;

/** Reads text as UTF-8, as UTF-16 where it is marked so, or as the old Western code page. */
export const decodeText = (bytes: Uint8Array): DecodedText => {
  for (const [encoding, mark] of MARKS) {
    if (mark.every((byte, i) => bytes[i] === byte)) {
      return { encoding, text: new TextDecoder(encoding).decode(bytes) };
    }
  }
  try {
    return { encoding: 'utf-8', text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return { encoding: 'windows-1252', text: new TextDecoder('windows-1252').decode(bytes) };
  }
};
