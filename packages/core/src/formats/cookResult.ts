import type { z } from 'zod';
import { crustColour } from '../doneness/crustColour';
import type { TissueName } from '../food';
import { lossOf, runIceStages, simulate } from '../heat';
import { Lethality } from '../safety';
import { cookOfFile, type CookFile, type cookResultSchema } from './cookFile';

/** Tissues of animals to which the table of lethality is not applied. */
const NOT_IN_TABLE: readonly TissueName[] = [
  'duck',
  'duck-skin',
  'fish-skin',
  'salmon',
  'tuna',
  'white-fish',
  'scallop',
];

type CookFileResult = Omit<z.infer<typeof cookResultSchema>, 'format' | 'elapsedMs'>;

export type CookFileOutcome =
  | { readonly ok: true; readonly result: CookFileResult }
  /** It goes into the heat with ice in its middle. */
  | { readonly ok: false; readonly core: number; readonly seconds: number };

/** Runs the cook of a file: its stages, and over the cook what was lost, made safe, and browned. */
export const cookResultOf = (file: CookFile): CookFileOutcome => {
  let lethality: { readonly core: Lethality; readonly rim: Lethality } | undefined;
  const { ice, ...cook } = cookOfFile(file);
  const readied = ice.length === 0 ? undefined : runIceStages(cook.piece, ice);
  if (readied && !readied.thawed && cook.stages.length > 0) {
    const seconds = readied.stages.reduce((sum, stage) => sum + stage.seconds, 0);
    return { ok: false, core: readied.stages.at(-1)?.core ?? readied.mean, seconds };
  }
  // It evens out on its way to the heat; what stays frozen is not cooked.
  const start = readied ? Math.max(0, readied.mean) : cook.piece.start;
  const { stages, ...result } = simulate(
    { ...cook, piece: { ...cook.piece, start } },
    {
      watch: (piece, dt) => {
        lethality ??= {
          core: new Lethality(piece.meat.innerCells),
          rim: new Lethality(piece.meat.rimCells),
        };
        lethality.core.follow(piece.temperature, dt);
        lethality.rim.follow(piece.temperature, dt);
      },
    },
  );
  const [lower, upper] = stages.at(-1)?.browning ?? [0, 0];
  return {
    ok: true,
    result: {
      ...result,
      ...(readied ? { before: [...readied.stages] } : {}),
      stages: stages.map(({ browning, crust, ...stage }) => ({
        ...stage,
        browning: [...browning],
        crust: [...crust],
      })),
      loss: lossOf(result),
      ...(NOT_IN_TABLE.includes(cook.piece.tissue)
        ? {}
        : { logs: { core: lethality?.core.logs ?? 0, rim: lethality?.rim.logs ?? 0 } }),
      crustName: [crustColour(upper, file), crustColour(lower, file)],
    },
  };
};
