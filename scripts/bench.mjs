// npm run -s bench -- NAME: measures, and prints the figures as JSON.
import { benchApp } from './benches/app.mjs';
import { benchBoard } from './benches/board.mjs';
import { benchBook } from './benches/book.mjs';
import { benchContract } from './benches/contract.mjs';
import { benchEdges } from './benches/edges.mjs';
import { benchEvening } from './benches/evening.mjs';
import { benchFaults } from './benches/faults.mjs';
import { benchForeign } from './benches/foreign.mjs';
import { benchForeignLearn } from './benches/foreignLearn.mjs';
import { benchForeignLive } from './benches/foreignLive.mjs';
import { benchHeat } from './benches/heat.mjs';
import { benchLan } from './benches/lan.mjs';
import { benchLearn } from './benches/learn.mjs';
import { benchLive } from './benches/live.mjs';
import { benchPass } from './benches/pass.mjs';
import { benchPhrases } from './benches/phrases.mjs';
import { benchPlan } from './benches/plan.mjs';
import { ensureInstalled } from './ensureInstalled.mjs';
import { giveUp } from './root.mjs';

const BENCHES = {
  app: benchApp,
  board: benchBoard,
  book: benchBook,
  contract: benchContract,
  edges: benchEdges,
  evening: benchEvening,
  faults: benchFaults,
  foreign: benchForeign,
  'foreign-learn': benchForeignLearn,
  'foreign-live': benchForeignLive,
  heat: benchHeat,
  lan: benchLan,
  learn: benchLearn,
  live: benchLive,
  pass: benchPass,
  phrases: benchPhrases,
  plan: benchPlan,
};
const bench = BENCHES[process.argv[2]];
if (!bench) giveUp(`usage: npm run -s bench -- ${Object.keys(BENCHES).join(' | ')}`);
await ensureInstalled();
process.stdout.write(`${JSON.stringify(await bench(), null, 2)}\n`);
