import { startServed } from '../scripts/served.mjs';

/**
 * Loads the demo's logbook once for all tests of a run: its plans and cooks take a processor many seconds.
 * @returns removes it
 */
export default async (): Promise<() => Promise<void>> => {
  const served = await startServed({ demo: true });
  // Ended, it has written everything into its file.
  await served.kill();
  process.env['CRUSTAN_DEMO_TEMPLATE'] = served.folder;
  return served.stop;
};
