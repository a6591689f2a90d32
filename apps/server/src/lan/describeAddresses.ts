import QRCode from 'qrcode';
import type { Network } from './network';

/** Says on the terminal where phones find the kitchen, as words and as a QR code. */
export const describeAddresses = async (
  { addresses, welcome }: Network,
  say: (line: string) => void,
): Promise<void> => {
  say('');
  say(`On a phone: ${welcome}, once, to trust this kitchen. Then ${addresses.join(' or ')}`);
  say(await QRCode.toString(welcome, { type: 'terminal', small: true }));
  say('Pair it with the six digits that Kitchen, Phones shows on this machine.');
};
