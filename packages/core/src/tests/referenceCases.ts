import { z } from 'zod';
import { cookFileSchema } from '../formats';
import cases from './referenceCases.json';

const referenceCaseSchema = z.strictObject({
  name: z.string(),
  cook: cookFileSchema,
  /** Stage by stage: what the reference program printed of each. */
  stages: z.array(
    z.strictObject({
      seconds: z.number().optional(),
      core: z.number(),
      surface: z.number().optional(),
      corePeak: z.number().optional(),
      browning: z.number().optional(),
    }),
  ),
  greyBand: z.number(),
  evaporated: z.number(),
});

/** Solutions of the same equations by an independent explicit program on a uniform 0.5 mm grid. */
export const REFERENCE_CASES = z.array(referenceCaseSchema).parse(cases);
