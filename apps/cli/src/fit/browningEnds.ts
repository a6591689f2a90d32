import { DRY_BROWNING } from '@crustan/core/heat';
import { ANCHORS } from './browningAnchors';
import { fitBrowning, historyOf, indexOf } from './browningFit';

const histories = ANCHORS.map(historyOf);
const now = ANCHORS.map(({ name, least, most, aside = false }, i) => {
  const history = histories[i];
  const index = history ? indexOf(history, DRY_BROWNING) : NaN;
  return { name, index, least, most, aside };
});
process.stdout.write(`${JSON.stringify({ now, fitted: fitBrowning(histories) }, null, 2)}\n`);
