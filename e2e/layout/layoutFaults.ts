import type { Page } from '@playwright/test';

export interface LayoutBounds {
  /** Smallest side of a touch target, px. */
  readonly touch: number;
}

/** Largest empty gap between two lines of a page's content, px. */
const MOST_GAP = 200;

/** Input of a function that runs in the page. */
interface Question extends LayoutBounds {
  readonly mostGap: number;
}

/** Layout faults in the visible part. It runs in the page, therefore it refers to nothing outside itself. */
const faultsInView = ({ touch, mostGap }: Question): string[] => {
  interface Box {
    readonly left: number;
    readonly top: number;
    readonly right: number;
    readonly bottom: number;
  }
  interface Ink {
    readonly node: Element;
    readonly says: string;
    readonly box: Box;
    readonly seen: Box;
  }
  const found = new Set<string>();
  const width = document.documentElement.clientWidth;
  const height = document.documentElement.clientHeight;
  const CLIPS = /auto|scroll|hidden|clip/;

  const boxOf = ({ left, top, right, bottom }: Box): Box => ({ left, top, right, bottom });
  const meet = (a: Box, b: Box): Box => ({
    left: Math.max(a.left, b.left),
    top: Math.max(a.top, b.top),
    right: Math.min(a.right, b.right),
    bottom: Math.min(a.bottom, b.bottom),
  });
  const isEmpty = ({ left, top, right, bottom }: Box): boolean =>
    right - left < 1 || bottom - top < 1;
  const ancestors = (node: Element): Element[] => {
    const all: Element[] = [];
    for (let at: Element | null = node; at; at = at.parentElement) all.push(at);
    return all;
  };
  /** Style of an element, asked for once. */
  const styles = new Map<Element, CSSStyleDeclaration>();
  const styleOf = (node: Element): CSSStyleDeclaration => {
    const style = styles.get(node) ?? getComputedStyle(node);
    styles.set(node, style);
    return style;
  };
  const hidden = new Map<Element, boolean>();
  /** Neither shown nor for screen readers only. */
  const isHidden = (node: Element): boolean => {
    const known = hidden.get(node);
    if (known !== undefined) return known;
    const style = styleOf(node);
    const found =
      style.display === 'none' ||
      style.visibility === 'hidden' ||
      style.opacity === '0' ||
      style.clip === 'rect(0px, 0px, 0px, 0px)' ||
      style.clipPath.includes('inset(50%)') ||
      (node.parentElement !== null && isHidden(node.parentElement));
    hidden.set(node, found);
    return found;
  };
  const windows = new Map<Element, Box>();
  /** Part of the screen that the scrolling and clipping ancestors of an element show. */
  const windowOf = (node: Element): Box => {
    const known = windows.get(node);
    if (known) return known;
    const around = node.parentElement
      ? windowOf(node.parentElement)
      : { left: 0, top: 0, right: width, bottom: height };
    const style = styleOf(node);
    const clips = CLIPS.test(style.overflowX) || CLIPS.test(style.overflowY);
    const found = clips ? meet(around, boxOf(node.getBoundingClientRect())) : around;
    windows.set(node, found);
    return found;
  };
  const inSideScroller = (node: Element): boolean =>
    ancestors(node).some((at) => {
      const { overflowX } = styleOf(at);
      return /auto|scroll/.test(overflowX) && at.scrollWidth > at.clientWidth + 1;
    });
  const short = (text: string): string => text.trim().replace(/\s+/g, ' ').slice(0, 40);

  /** Every line of text, as high as its letters are. */
  const texts: Ink[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const parent = node.parentElement;
    const says = node.textContent ?? '';
    if (!parent || says.trim() === '' || isHidden(parent)) continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    for (const rect of range.getClientRects()) {
      if (rect.width < 1 || rect.height < 1) continue;
      const inset = 0.24 * rect.height;
      const box = { ...boxOf(rect), top: rect.top + inset, bottom: rect.bottom - inset };
      texts.push({ node: parent, says, box, seen: meet(box, windowOf(parent)) });
    }
  }

  // Page and content no wider than the screen.
  const over = document.documentElement.scrollWidth - width;
  if (over > 0) found.add(`the page scrolls sideways by ${over} px`);
  const edge = (node: Element, { left, right }: Box, says: string): void => {
    if (inSideScroller(node)) return;
    if (right > width + 1)
      found.add(`“${short(says)}” goes ${Math.ceil(right - width)} px past the right edge`);
    if (left < -1) found.add(`“${short(says)}” goes ${Math.ceil(-left)} px past the left edge`);
  };
  for (const { node, box, says } of texts) edge(node, box, says);

  // Touch targets are large enough, and inside the screen.
  const TOUCHED =
    '[role=button],[role=link],a[href],[role=radio],[role=checkbox],[role=tab],[role=switch],[role=slider],button,input,textarea';
  for (const node of document.querySelectorAll(TOUCHED)) {
    const box = boxOf(node.getBoundingClientRect());
    if (isEmpty(box) || isHidden(node)) continue;
    const says = node.getAttribute('aria-label') ?? node.textContent ?? '';
    edge(node, box, says);
    const isInline = styleOf(node).display === 'inline';
    const lines = isInline ? [...node.getClientRects()] : [node.getBoundingClientRect()];
    // The width of a word in a sentence is given; its line is the touch target.
    const high = Math.min(...lines.map((line) => line.height));
    const wide = isInline ? touch : Math.min(...lines.map((line) => line.width));
    if (high < touch - 0.5 || wide < touch - 0.5) {
      found.add(`“${short(says)}” is ${Math.round(wide)} by ${Math.round(high)} px to the touch`);
    }
  }

  // No text on another. Text under an opaque bar is covered, not overlapped.
  const isOpaque = (node: Element): boolean => {
    const [, , , alpha = '1'] = styleOf(node).backgroundColor.match(/[\d.]+/g) ?? [
      '0',
      '0',
      '0',
      '0',
    ];
    return Number(alpha) > 0.9;
  };
  const isCovered = (a: Ink, b: Ink, at: Box): boolean => {
    const stack = document.elementsFromPoint((at.left + at.right) / 2, (at.top + at.bottom) / 2);
    const [first, second] = [stack.indexOf(a.node), stack.indexOf(b.node)];
    if (first === -1 || second === -1) return true;
    const lower = first < second ? b.node : a.node;
    return stack
      .slice(Math.min(first, second), Math.max(first, second))
      .some((node) => !node.contains(lower) && isOpaque(node));
  };
  const inView = texts.filter(({ seen }) => !isEmpty(seen));
  inView.sort((a, b) => a.seen.top - b.seen.top);
  inView.forEach((a, i) => {
    for (const b of inView.slice(i + 1)) {
      if (b.seen.top >= a.seen.bottom) break;
      const shared = meet(a.seen, b.seen);
      if (a.node === b.node || shared.right - shared.left < 3 || shared.bottom - shared.top < 3)
        continue;
      if (!isCovered(a, b, shared)) found.add(`“${short(a.says)}” overlaps “${short(b.says)}”`);
    }
  });

  // No large gap in scrolled content.
  const DRAWN = 'svg,canvas,img,input,textarea,[role=button],[role=slider]';
  for (const scroller of document.querySelectorAll('*')) {
    if (!/auto|scroll/.test(styleOf(scroller).overflowY) || isHidden(scroller)) continue;
    const drawn = [...scroller.querySelectorAll(DRAWN)]
      .filter((node) => !isHidden(node))
      .map((node) => boxOf(node.getBoundingClientRect()))
      .filter((box) => !isEmpty(box));
    const written = texts.filter(({ node }) => scroller.contains(node)).map(({ box }) => box);
    const boxes = [...drawn, ...written].sort((a, b) => a.top - b.top);
    let bottom = boxes[0]?.bottom ?? 0;
    for (const box of boxes) {
      if (box.top - bottom > mostGap) {
        const after = texts.find(({ box: one }) => one.top >= box.top - 1)?.says ?? '';
        found.add(`a gap of ${Math.round(box.top - bottom)} px before “${short(after)}”`);
      }
      bottom = Math.max(bottom, box.bottom);
    }
  }
  return [...found];
};

/** Scrolls the largest scrolling box of a page to a share of its length. @returns px that it scrolls in all */
const scrollTo = (share: number): number => {
  const boxes = [...document.querySelectorAll('*')].filter(
    (node) =>
      /auto|scroll/.test(getComputedStyle(node).overflowY) &&
      node.scrollHeight > node.clientHeight + 1,
  );
  const [main] = boxes.sort(
    (a, b) => b.clientWidth * b.clientHeight - a.clientWidth * a.clientHeight,
  );
  if (!main) return 0;
  const length = main.scrollHeight - main.clientHeight;
  main.scrollTop = share * length;
  return length;
};

/**
 * Layout faults of a page in its present state, from its top to its end: text that overlaps, content past an edge,
 * sideways scrolling, small touch targets, empty gaps.
 */
export const layoutFaults = async (page: Page, bounds: LayoutBounds): Promise<string[]> => {
  await page.addStyleTag({ content: '.offscreen-free{content-visibility:visible !important}' });
  const viewport = page.viewportSize() ?? { width: 390, height: 844 };
  const question = { ...bounds, mostGap: MOST_GAP };
  const length = await page.evaluate(scrollTo, 0);
  const steps = Math.ceil(length / (0.7 * viewport.height));
  const found = new Set(await page.evaluate(faultsInView, question));
  for (let step = 1; step <= steps; step += 1) {
    await page.evaluate(scrollTo, step / steps);
    for (const fault of await page.evaluate(faultsInView, question)) found.add(fault);
  }
  if (steps > 0) await page.evaluate(scrollTo, 0);
  return [...found];
};
