import type { z } from 'zod';
import { crustColour } from '../doneness/crustColour';
import { lossOf, simulate } from '../heat';
import { Lethality } from '../safety';
import { cookOfFile, type CookFile, type cookResultSchema } from './cookFile';

type CookFileResult = Omit<z.infer<typeof cookResultSchema>, 'format' | 'elapsedMs'>;

/** Runs the cook of a file: its stages, and over the cook what was lost, made safe, and browned. */
export const cookResultOf = (file: CookFile): CookFileResult => {
  const core = new Lethality();
  const rim = new Lethality();
  const { stages, ...result } = simulate(cookOfFile(file), {
    watch: (piece, dt) => {
      core.follow(piece.coldest, dt);
      rim.follow(piece.rim, dt);
    },
  });
  const [lower, upper] = stages.at(-1)?.browning ?? [0, 0];
  return {
    ...result,
    stages: stages.map(({ browning, crust, ...stage }) => ({
      ...stage,
      browning: [...browning],
      crust: [...crust],
    })),
    loss: lossOf(result.evaporated, result.drip),
    logs: { core: core.logs, rim: rim.logs },
    crustName: [crustColour(upper, file), crustColour(lower, file)],
  };
};
