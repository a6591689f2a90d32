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
  publishedScheduleSchema,
  trialSchema,
} from '.';
import { timesFileSchema, timesResultSchema } from './timesFile';
import { z } from 'zod';

/** Schemas of the files and messages that others write or read, by name. */
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
  'told-schedule': publishedScheduleSchema,
  problem: problemSchema,
} as const;

export type SchemaName = keyof typeof SCHEMAS;
export const isSchemaName = (name: string): name is SchemaName => name in SCHEMAS;
export const SCHEMA_NAMES: readonly SchemaName[] = Object.keys(SCHEMAS).filter(isSchemaName);

/** The JSON Schema (draft 2020-12) of a file or a message. */
export const jsonSchemaOf = (name: SchemaName): unknown =>
  z.toJSONSchema(SCHEMAS[name], { io: 'input', unrepresentable: 'any' });
