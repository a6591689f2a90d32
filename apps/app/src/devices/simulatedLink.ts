import { z } from 'zod';
import { INSTRUMENTS } from '@crustan/core/cook/event';
import { clockSpeed, kitchenNow } from '../store/clock';
import type { OpenLink } from './deviceLink';
import { API } from '../store/apiAddress';
import { t } from '../t';

const saidSchema = z.object({ by: z.enum(INSTRUMENTS), celsius: z.number(), at: z.number() });

/** The stand-ins that ship with the server: a probe, a gun and an oven in a hidden kitchen. */
export const simulatedLink =
  (cook: string, seed: number): OpenLink =>
  (listener) => {
    const query = new URLSearchParams({
      cook,
      seed: String(seed),
      clock: String(kitchenNow()),
      speed: String(clockSpeed()),
    });
    const line = new EventSource(`${API}/devices/simulated?${query.toString()}`);
    line.addEventListener('reading', (message: MessageEvent<string>) => {
      const said = saidSchema.safeParse(JSON.parse(message.data));
      if (said.success) listener.said(said.data);
      else listener.rubbish();
    });
    line.addEventListener('over', () => {
      line.close();
      listener.failed(t('the-stand-ins-follow-a-cook-for'));
    });
    line.onerror = () => {
      listener.failed(t('the-thermometers-are-out-of-reach-they'));
      // A resumed stream would use the time of its first request.
      line.close();
      retry = setTimeout(() => {
        void simulatedLink(cook, seed)(listener).then((close) => (closeNext = close));
      }, 3000);
    };
    let retry: ReturnType<typeof setTimeout> | undefined;
    let closeNext: (() => void) | undefined;
    return Promise.resolve(() => {
      clearTimeout(retry);
      line.close();
      closeNext?.();
    });
  };
