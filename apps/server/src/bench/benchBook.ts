import { createWriteStream } from 'node:fs';
import { once } from 'node:events';
import { BOOK_FORMAT, keptPlan, type BookCook, type PlanRecord } from '@crustan/core/formats';
import { eventsFromMemory } from '@crustan/core/cook';
import { normal, seededRandom } from '@crustan/core/maths';
import { planOnSection, USUAL, type CookPlan, type PlanRequest } from '@crustan/core/plan';
import { FIRST_GEAR } from '@crustan/core/learn';
import { plannedCore } from '@crustan/core/schedule';

const REQUESTS: readonly PlanRequest[] = [
  { ...USUAL, cut: 'strip-steak', thickness: 0.026, weight: 0.3, target: 54 },
  { ...USUAL, cut: 'ribeye', thickness: 0.03, weight: 0.38, target: 55, way: 'often' },
  { ...USUAL, cut: 'pork-loin', thickness: 0.024, weight: 0.2, target: 62 },
  { ...USUAL, cut: 'strip-steak', thickness: 0.04, weight: 0.45, target: 54, way: 'oven-sear' },
];
const WORDS = ['thyme', 'smoky', 'late', 'guests', 'rim', 'pale', 'again', 'thick', 'wet', 'rack'];
const DAY = 86_400_000;

const planOf = (request: PlanRequest): CookPlan => {
  const planned = planOnSection(request);
  if (!planned.ok) throw new Error(JSON.stringify(planned.obstacle));
  return planned.plan;
};

const hex = (value: number, digits: number): string => value.toString(16).padStart(digits, '0');
const idOf = (space: number, n: number): string => `${hex(space, 8)}-0000-4000-8000-${hex(n, 12)}`;

/** Writes a logbook with this number of cooks and readings, drawn from a seed. */
export const writeBenchBook = async (
  file: string,
  { seed, cooks, readings }: { seed: number; cooks: number; readings: number },
): Promise<void> => {
  const random = seededRandom(seed);
  const out = createWriteStream(file);
  const write = async (text: string): Promise<void> => {
    if (!out.write(text)) await once(out, 'drain');
  };
  const plans = REQUESTS.map(planOf);
  const begin = Date.UTC(2021, 0, 1, 18);
  let event = 0;
  const eventId = (): string => idOf(2, (event += 1));
  await write(`{"format": "${BOOK_FORMAT}",\n"plans": [],\n"trials": [],\n"cooks": [`);
  for (let i = 0; i < cooks; i += 1) {
    const plan = plans[i % plans.length];
    if (!plan) break;
    const inAt = begin + Math.round((i / cooks) * 5 * 365) * DAY + (i % 5) * 3_600_000;
    const stretch = 1 + 0.08 * normal(random);
    const cooked = plan.cookSeconds * stretch;
    const length = cooked + plan.restSeconds;
    const noted = Array.from({ length: 3 }, () => WORDS[Math.floor(random() * WORDS.length)]);
    const record: PlanRecord = {
      id: idOf(3, i),
      createdAt: inAt,
      title: `Cook ${i + 1}, ${plan.request.cut}`,
      plateAt: inAt + Math.round(length * 1000),
      plan: keptPlan(plan),
      gear: FIRST_GEAR,
    };
    const cook: BookCook = {
      id: idOf(1, i),
      createdAt: inAt,
      plan: record,
      events: [
        ...eventsFromMemory(plan, { inAt, cookedSeconds: cooked }, eventId),
        ...Array.from({ length: readings }, (_, n) => {
          const seconds = ((n + 1) / (readings + 1)) * length;
          const core = plannedCore(plan.trace, seconds / stretch) ?? plan.peakCore;
          return {
            id: eventId(),
            kind: 'reading' as const,
            at: inAt + Math.round(seconds * 1000),
            celsius: Math.round((core + 0.4 * normal(random)) * 10) / 10,
            by: 'probe' as const,
          };
        }),
      ].toSorted((a, b) => a.at - b.at),
      judgement: {
        endTemperature: Math.round((plan.peakCore + normal(random)) * 10) / 10,
        crust: 'golden',
        again: random() < 0.7 ? 'again' : 'with-change',
        weightBefore: plan.request.weight,
        weightAfter: Math.round(plan.request.weight * (0.85 + 0.03 * random()) * 1000) / 1000,
        notes: noted.join(' '),
      },
    };
    await write(`${i === 0 ? '' : ','}\n${JSON.stringify(cook)}`);
  }
  await write('\n]\n}\n');
  out.end();
  await once(out, 'close');
};
