import type { Page } from '@playwright/test';

/** Share of its letters by which a translation may be longer than the English text. */
const LONGER = 0.4;

/** A text of the page before and after. */
interface Lengthened {
  readonly node: Text;
  readonly before: string;
  readonly after: string;
}
declare global {
  interface Window {
    /** Texts that are lengthened now. */
    lengthened?: readonly Lengthened[];
  }
}

/**
 * Replaces the visible words of a page by those of a made-up language: letters with accents, and texts longer by
 * 40 %. Names for screen readers stay, so that the same tests find the same buttons.
 * @returns a function that restores the texts that the page has not changed meanwhile
 */
export const lengthenTexts = async (page: Page): Promise<() => Promise<void>> => {
  await page.evaluate((longer) => {
    const ACCENTED: Readonly<Record<string, string>> = {
      a: 'á',
      e: 'ê',
      i: 'ï',
      o: 'ö',
      u: 'ů',
      c: 'ç',
      n: 'ñ',
      A: 'Å',
      E: 'É',
      O: 'Ø',
      N: 'Ñ',
      S: 'Š',
    };
    const foreign = (text: string): string => {
      const accented = [...text].map((letter) => ACCENTED[letter] ?? letter).join('');
      const letters = (text.match(/\p{L}/gu) ?? []).length;
      // Units and single letters are the same in every language.
      if (letters < 4) return text;
      const words = accented.trim().split(/\s+/);
      const more = Math.ceil(letters * longer);
      let tail = '';
      for (let i = 0; tail.length < more; i += 1) tail += ` ${words[i % words.length] ?? ''}`;
      const at = accented.trimEnd().length;
      return `${accented.slice(0, at)}${tail.slice(0, more).trimEnd()}${accented.slice(at)}`;
    };
    const kept: Lengthened[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (!(node instanceof Text) || node.parentElement?.closest('script,style')) continue;
      const before = node.data;
      node.data = foreign(before);
      kept.push({ node, before, after: node.data });
    }
    window.lengthened = kept;
  }, LONGER);
  return () =>
    page.evaluate(() => {
      for (const { node, before, after } of window.lengthened ?? []) {
        if (node.data === after) node.data = before;
      }
      delete window.lengthened;
    });
};
