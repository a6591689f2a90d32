import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { keptPlan, type PlanRecord } from '@crustan/core/formats';
import type { CookEvent } from '@crustan/core/cook';
import type { PlanRequest } from '@crustan/core/plan';
import { planOf, STEAK } from '@crustan/core/tests';
import type { Book } from './db/book';
import { openBook } from './db/openBook';

/** The nearest folder of migrations, in a folder or above it: a test is bundled, wherever its helpers lie. */
const migrationsAbove = (folder: string): string => {
  const found = path.join(folder, 'drizzle');
  return existsSync(found) ? found : migrationsAbove(path.dirname(folder));
};
export const MIGRATIONS = migrationsAbove(__dirname);

export const REQUEST: PlanRequest = { ...STEAK, thickness: 0.02, weight: 0.25 };

/** A temporary folder with a real book in it. */
export const temporaryBook = (): { book: Book; folder: string; remove: () => void } => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'crustan-test-'));
  const book = openBook(folder, MIGRATIONS);
  return {
    book,
    folder,
    remove: () => {
      book.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
};

export const T0 = Date.UTC(2026, 2, 1, 18, 0);

let serial = 0;
export const newId = (): string => {
  serial += 1;
  return `00000000-0000-4000-8000-${String(serial).padStart(12, '0')}`;
};

const PLAN = keptPlan(planOf(REQUEST));

export const planRecord = (title = 'Test strip'): PlanRecord => ({
  id: newId(),
  createdAt: T0,
  title,
  plateAt: T0,
  plan: PLAN,
});

export const press = (
  kind: 'started' | 'in' | 'turned' | 'pulled' | 'sliced',
  seconds: number,
): CookEvent => ({ id: newId(), kind, at: T0 + seconds * 1000 });
