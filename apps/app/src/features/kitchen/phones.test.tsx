import { fireEvent, screen } from '@testing-library/react';
import { answerWith, json } from '../../fakeServer';
import { renderWithStore } from '../../renderWithStore';
import { Phones } from './Phones';

const PHONE = {
  id: '00000000-0000-4000-8000-000000000001',
  name: 'By the stove',
  role: 'cook',
  pairedAt: Date.UTC(2026, 10, 1),
  seenAt: Date.UTC(2026, 10, 2),
};
const NETWORK = {
  addresses: ['https://kitchen.local:4681'],
  welcome: 'http://kitchen.local:4682',
  welcomeQr: '<svg xmlns="http://www.w3.org/2000/svg"/>',
};

describe('the phones of a kitchen', () => {
  it('shows how phones connect while the server listens on loopback only', async () => {
    answerWith(() => json({ phones: [] }));
    renderWithStore(<Phones />);
    expect(await screen.findByText(/npm start -- --lan/)).toBeTruthy();
  });

  it('shows a code, and renames, restricts and revokes a phone', async () => {
    const code = {
      code: '042317',
      role: 'watcher',
      issuedAt: Date.now(),
      endsAt: Date.now() + 300_000,
      address: 'https://kitchen.local:4681/pair?code=042317',
      qr: '<svg xmlns="http://www.w3.org/2000/svg"/>',
    };
    const asked = answerWith(({ method, path }) => {
      if (path.endsWith('/codes')) return json(code);
      if (method === 'PATCH') return json(PHONE);
      if (method === 'DELETE') return new Response(null, { status: 204 });
      return json({ phones: [PHONE], network: NETWORK });
    });
    renderWithStore(<Phones />);
    expect(await screen.findByText('https://kitchen.local:4681')).toBeTruthy();
    const [watches] = screen.getAllByRole('radio', { name: 'View only' });
    if (!watches) throw new Error('no choice of a role');
    fireEvent.click(watches);
    fireEvent.click(screen.getByText('Pair a phone'));
    expect(await screen.findByText('042 317')).toBeTruthy();
    fireEvent.click(screen.getByRole('button', { name: 'Revoke By the stove' }));
    await screen.findByText('Another code');
    const said = asked.filter(({ method }) => method !== 'GET');
    expect(said).toEqual([
      { method: 'POST', path: '/api/v1/phones/codes', body: { role: 'watcher' } },
      { method: 'DELETE', path: `/api/v1/phones/${PHONE.id}`, body: undefined },
    ]);
  });
});
