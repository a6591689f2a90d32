import { render, screen } from '@testing-library/react';
import { REQUEST } from '../../testing';
import { OrderFaults } from './OrderFaults';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

it('says what works against itself, and what would be right', () => {
  const { container, rerender } = render(<OrderFaults request={REQUEST} />);
  expect(container.textContent).toBe('');
  rerender(<OrderFaults request={{ ...REQUEST, thaw: 'counter', temper: 1500 }} />);
  expect(screen.getByRole('note').textContent).toMatch(/straight in, no more standing/);
  rerender(<OrderFaults request={{ ...REQUEST, saltAhead: 900, surface: 'dry' }} />);
  expect(screen.getByRole('note').textContent).toMatch(/Salt it at the pan/);
});
