import { describe, expect, it } from '@jest/globals';
import { DRY_BROWNING } from '@crustan/core/heat';
import { ANCHORS } from './browningAnchors';
import { historyOf, indexOf } from './browningFit';

describe('the browning law', () => {
  it.each(ANCHORS)('$name lies where cooks have it', (anchor) => {
    const index = indexOf(historyOf(anchor), DRY_BROWNING);
    expect(index).toBeGreaterThanOrEqual(anchor.least - 0.02);
    expect(index).toBeLessThanOrEqual(anchor.most + 0.02);
  });

  it('held about one anchor in three aside while it was fitted', () => {
    const aside = ANCHORS.filter((anchor) => anchor.aside).length;
    expect(aside / ANCHORS.length).toBeGreaterThan(0.25);
  });
});
