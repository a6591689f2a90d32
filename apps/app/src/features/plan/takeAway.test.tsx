import { fireEvent, screen, waitFor } from '@testing-library/react';
import ICAL from 'ical.js';
import * as fc from 'fast-check';
import { USUAL } from '@crustan/core/plan';
import { renderWithStore } from '../../renderWithStore';
import { planOf, REQUEST } from '../../testing';
import { showIn } from '../../words/show';
import { linkOf, planOfLink } from '../../words/planLink';
import { runCalendar } from '../../words/runCalendar';
import { formatSpoons } from './formatSpoons';
import { TakeAway } from './TakeAway';
import { describeChanges, WhatChanged } from './WhatChanged';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

const show = showIn('metric');
const T0 = Date.UTC(2026, 0, 2, 18, 0);

describe('a link', () => {
  it('carries any plan in both directions', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.06, noNaN: true }),
        fc
          .string({ minLength: 1, maxLength: 20 })
          .filter((name) => name.trim() === name && name !== ''),
        (thickness, name) => {
          const own = {
            name,
            species: 'venison',
            tissue: 'venison',
            aspect: 1.5,
            thickness,
            weight: 0.2,
            target: 54,
            slicing: 'thin',
          } as const;
          const request = { ...REQUEST, thickness, own };
          const link = linkOf(request, { hour: '19:30' });
          const back = planOfLink(new URL(link).hash);
          expect(back).toEqual({ request, plate: { hour: '19:30' } });
        },
      ),
    );
  });

  it.each(['', '#plan=', '#plan=%%%', '#plan=bm90IGEgcGxhbg', '#other=1'])(
    'that is none, %p, changes nothing',
    (hash) => expect(planOfLink(hash)).toBeUndefined(),
  );

  it('rejects a figure out of range', () => {
    const link = linkOf({ ...USUAL, ...REQUEST, thickness: 3 }, { hour: '19:30' });
    expect(planOfLink(new URL(link).hash)).toBeUndefined();
  });
});

it('writes a calendar with every step at its time, and alarms for the cook', () => {
  const steps = [
    { at: T0 - 86_400_000, does: 'Salt it; a day ahead', why: 'on a rack, uncovered', alarm: true },
    { at: T0, does: 'Into the oven', why: 'about an hour', alarm: false },
    { at: T0 + 3_600_000, does: 'Slice', why: 'across the grain, thin', alarm: true },
  ];
  const text = runCalendar('Strip, 40 mm', steps, T0 + 3_660_000, 'strip');
  const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent');
  expect(events).toHaveLength(3);
  events.forEach((component, i) => {
    const event = new ICAL.Event(component);
    const step = steps[i];
    expect(event.summary).toBe(step?.does);
    expect(event.description).toBe(step?.why);
    expect(event.startDate.toJSDate().getTime()).toBe(step?.at);
    expect(component.getAllSubcomponents('valarm')).toHaveLength(step?.alarm ? 1 : 0);
  });
  const uids = (of: string): readonly unknown[] =>
    new ICAL.Component(ICAL.parse(runCalendar('A run', steps, T0 + 3_660_000, of)))
      .getAllSubcomponents('vevent')
      .map((event) => event.getFirstPropertyValue('uid'));
  // Two pieces for one plate have no event in common; the same run has the same ones again.
  expect(new Set([...uids('strip'), ...uids('duck')]).size).toBe(6);
  expect(uids('strip')).toEqual(events.map((event) => event.getFirstPropertyValue('uid')));
});

it('says spoons as a cook measures them', () => {
  expect([0.05, 0.25, 0.6, 1, 1.4, 2.26, 3, 3.5, 7].map(formatSpoons)).toEqual([
    'a pinch',
    '¼ teaspoon',
    '½ teaspoon',
    '1 teaspoon',
    '1½ teaspoons',
    '2¼ teaspoons',
    '1 tablespoon',
    '1 tablespoon and ½ teaspoon',
    '2 tablespoons and 1 teaspoon',
  ]);
});

describe('changes of a plan', () => {
  const thin = planOf();
  const thick = planOf({ ...REQUEST, thickness: 0.03 });

  it('shows each change with its size, and nothing without a change', () => {
    expect(describeChanges(thin, thin, show)).toEqual([]);
    const said = describeChanges(thin, thick, show).join('; ');
    expect(said).toMatch(/\d+ min .*longer/);
    expect(said).toMatch(/mm more grey/);
    expect(describeChanges(thick, thin, show).join('; ')).toMatch(/shorter/);
  });

  it('describes the last change, not a refinement of the same plan', () => {
    const { rerender } = renderWithStore(<WhatChanged plan={thin} />);
    expect(screen.queryByRole('status')).toBeNull();
    rerender(<WhatChanged plan={{ ...thin }} />);
    expect(screen.queryByRole('status')).toBeNull();
    rerender(<WhatChanged plan={thick} />);
    expect(screen.getByRole('status').textContent).toMatch(/^By the last change: .*longer/);
  });
});

it('hands over a calendar, a file and a link', async () => {
  const saved: string[] = [];
  const copied: string[] = [];
  Object.assign(URL, { createObjectURL: () => 'blob:x', revokeObjectURL: () => undefined });
  jest.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function click(
    this: HTMLAnchorElement,
  ) {
    saved.push(this.download);
  });
  Object.assign(navigator, {
    clipboard: { writeText: (text: string) => Promise.resolve(void copied.push(text)) },
  });
  const lines = [{ key: 'in', at: 0, does: 'In', why: 'now', hands: 'on' as const }];
  renderWithStore(<TakeAway plan={planOf()} plateAt={T0} inAt={T0} lines={lines} />);
  fireEvent.click(screen.getByText('To a calendar'));
  await waitFor(() => expect(saved).toEqual(['crustan-run.ics']));
  fireEvent.click(screen.getByText('Save as a file'));
  expect(saved).toEqual(['crustan-run.ics', 'crustan-plan.json']);
  fireEvent.click(screen.getByText('Copy a link'));
  await waitFor(() => expect(copied[0]).toContain('#plan='));
  await screen.findByText(/The link is copied/);
});
