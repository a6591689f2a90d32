import {
  aheadFileSchema,
  aheadResultSchema,
  bookFileSchema,
  bookImportSchema,
  cookFileSchema,
  cookListSchema,
  cookRecordSchema,
  cookResultSchema,
  cookStartSchema,
  judgementSchema,
  logBatchSchema,
  loggedSchema,
  planFileResultSchema,
  planFileSchema,
  planListSchema,
  planRecordSchema,
  menuDishSchema,
  problemSchema,
  serviceFileSchema,
  serviceInFullSchema,
  toldScheduleSchema,
  trialSchema,
} from '@crustan/core/formats';
import { timesFileSchema, timesResultSchema } from '@crustan/core/formats/timesFile';
import { z } from 'zod';

const SCHEMAS = {
  'crustan-ahead-1': aheadFileSchema,
  'crustan-ahead-result-1': aheadResultSchema,
  'crustan-cook-1': cookFileSchema,
  'crustan-cook-result-1': cookResultSchema,
  'crustan-plan-1': planFileSchema,
  'crustan-plan-result-1': planFileResultSchema,
  'crustan-times-1': timesFileSchema,
  'crustan-times-result-1': timesResultSchema,
  'plan-record': planRecordSchema,
  'plan-list': planListSchema,
  'cook-start': cookStartSchema,
  'cook-record': cookRecordSchema,
  'cook-list': cookListSchema,
  judgement: judgementSchema,
  'log-batch': logBatchSchema,
  logged: loggedSchema,
  trial: trialSchema,
  'crustan-book-1': bookFileSchema,
  'book-import': bookImportSchema,
  'menu-dish': menuDishSchema,
  service: serviceInFullSchema,
  'crustan-service-1': serviceFileSchema,
  'told-schedule': toldScheduleSchema,
  problem: problemSchema,
} as const;

/** The JSON Schema of every file and message, by name. */
export const jsonSchemas = (): ReadonlyMap<string, unknown> =>
  new Map(
    Object.entries(SCHEMAS).map(([name, schema]) => [
      name,
      z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }),
    ]),
  );
