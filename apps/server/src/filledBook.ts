import { DEFAULT_KITCHEN } from '@crustan/core/formats';
import { cookStore } from './db/cookStore';
import { demandStore } from './db/demandStore';
import { dishStore } from './db/dishStore';
import { kitchenStore } from './db/kitchenStore';
import type { Book } from './db/book';
import { photoStore } from './db/photoStore';
import { planStore } from './db/planStore';
import { practiceStore } from './db/practiceStore';
import { serviceStore } from './db/serviceStore';
import { trialStore } from './db/trialStore';
import { JPEG } from './servedBook';
import { newId, planRecord, press, T0 } from './testing';
import { dish, service } from './testingMenu';

/** A logbook with something of everything. */
export const fill = ({ book }: { readonly book: Book }, cooks = 3): readonly string[] => {
  const store = cookStore(book);
  const ids = Array.from({ length: cooks }, (_, i) => {
    const id = newId();
    store.start(id, planRecord(`Cook ${i}`), T0 + i * 1000);
    store.addEvents(
      id,
      [
        press('in', 0),
        { id: newId(), kind: 'reading', at: T0 + 200_000, celsius: 31.25, by: 'probe' },
        { id: newId(), kind: 'note', at: T0 + 210_000, text: '=HYPERLINK("no")' },
        press('pulled', 400),
        press('sliced', 700),
      ],
      T0,
    );
    return id;
  });
  const [first = ''] = ids;
  store.judge(
    first,
    {
      endTemperature: 54.4,
      crust: 'golden',
      crunch: 'crisp',
      juice: 'little',
      again: 'again',
      weightBefore: 0.3,
      weightAfter: 0.252,
      paid: 9.5,
      notes: '-2 degrees, "quoted"\nand a second line',
    },
    T0,
  );
  photoStore(book).put(first, { type: 'image/jpeg', bytes: JPEG });
  planStore(book).put(planRecord('Kept'));
  trialStore(book).put({
    id: newId(),
    createdAt: T0,
    title: 'Salted ahead, or at the pan',
    kind: 'salt',
    arms: [{ label: 'ahead', cook: first }, { label: 'at the pan' }],
    tasting: { order: [1, 0], liked: [0, 0, 1], opened: false },
  });
  const menu = dish();
  dishStore(book).put(menu);
  const evening = service([menu.id]);
  const order = {
    id: newId(),
    table: '4',
    pieces: [{ id: newId(), dish: menu.id, doneness: 'medium rare' }],
  };
  serviceStore(book).put(evening);
  serviceStore(book).addEvents(
    evening.id,
    [
      { id: newId(), kind: 'ordered', at: T0, order },
      { id: newId(), kind: 'fired', at: T0 + 60_000, of: order.id },
    ],
    T0,
  );
  demandStore(book).put({ date: '2026-02-27', dish: menu.name, count: 11 });
  practiceStore(book).put({
    id: newId(),
    at: T0,
    of: 'finger',
    score: 80,
    calls: [{ called: 54, was: 56 }],
  });
  kitchenStore(book).put({ ...DEFAULT_KITCHEN, ovens: [{ id: 'oven', offset: -12 }] }, 0, T0);
  return ids;
};
