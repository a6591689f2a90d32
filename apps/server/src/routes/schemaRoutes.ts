import { Router } from 'express';
import { isSchemaName, jsonSchemaOf, SCHEMA_NAMES } from '@crustan/core/formats/jsonSchemas';
import { problem } from '../problems';

/** JSON Schemas of files and messages. Each is made when it is asked for. */
export const schemaRoutes = (): Router => {
  const routes = Router();
  routes.get('/', (_req, res) => {
    res.json({ schemas: SCHEMA_NAMES });
  });
  routes.get('/:name', (req, res) => {
    const { name } = req.params;
    if (!isSchemaName(name)) {
      const schemas = SCHEMA_NAMES.join(', ');
      throw problem(404, (t) => [t('no-such-schema'), t('one-of-these-schemas', { schemas })]);
    }
    res.json(jsonSchemaOf(name));
  });
  return routes;
};
