import { z } from 'zod';
import { problemSchema } from '@crustan/core/formats';
import { API, API_ROOT, API_VERSION, type ApiRoute, type Bytes } from './apiTable';

const isBytes = (message: z.ZodType | Bytes): message is Bytes => !(message instanceof z.ZodType);

const content = (message: z.ZodType | Bytes, io: 'input' | 'output') =>
  isBytes(message)
    ? { [message.type]: { schema: { type: 'string', format: 'binary' } } }
    : { 'application/json': { schema: jsonSchema(message, io) } };

const jsonSchema = (schema: z.ZodType, io: 'input' | 'output') =>
  z.toJSONSchema(schema, { target: 'draft-2020-12', io, unrepresentable: 'any' });

/** Parameters of a query, each by its own schema. */
const queryOf = (query: z.ZodType | undefined) =>
  query instanceof z.ZodObject
    ? Object.entries(query.shape).flatMap(([name, schema]) =>
        schema instanceof z.ZodType
          ? [
              {
                name,
                in: 'query',
                required: !schema.safeParse(undefined).success,
                schema: jsonSchema(schema, 'input'),
              },
            ]
          : [],
      )
    : [];

const parametersOf = ({ path, query }: ApiRoute) => [
  ...[...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string', ...(name === 'id' ? { format: 'uuid' } : {}) },
  })),
  ...queryOf(query),
];

const operation = (route: ApiRoute) => ({
  summary: route.says,
  'x-least-role': route.who,
  parameters: parametersOf(route),
  ...(route.takes
    ? { requestBody: { required: true, content: content(route.takes, 'input') } }
    : {}),
  responses: {
    ...(route.gives
      ? { '200': { description: 'Done', content: content(route.gives, 'output') } }
      : { '204': { description: 'Done' } }),
    default: {
      description: 'A problem (RFC 9457)',
      content: { 'application/problem+json': { schema: jsonSchema(problemSchema, 'output') } },
    },
  },
});

/** The API's description (OpenAPI 3.1), made from the schemas by which messages are parsed. */
export const openApi = (build: string) => ({
  openapi: '3.1.0',
  info: { title: 'Crustan', version: `${API_VERSION} (${build})` },
  servers: [{ url: `${API_ROOT}/${API_VERSION}` }],
  components: {
    securitySchemes: { phone: { type: 'apiKey', in: 'cookie', name: '__Host-crustan' } },
  },
  security: [{ phone: [] }],
  paths: Object.fromEntries(
    [...new Set(API.map(({ path }) => path))].map((path) => [
      path,
      Object.fromEntries(
        API.filter((route) => route.path === path).map((route) => [route.method, operation(route)]),
      ),
    ]),
  ),
});
