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
      throw problem(404, 'No such schema', `One of ${SCHEMA_NAMES.join(', ')} would be right.`);
    }
    res.json(jsonSchemaOf(name));
  });
  return routes;
};
