import { describe, expect, it } from '@jest/globals';
import { openAnswers } from './access/openAnswers';
import { pairingCodes } from './access/pairingCodes';
import { phoneList } from './access/phoneList';
import { apiParts } from './apiRoutes';
import { API, routeFor } from './apiTable';
import { openApi } from './openApi';
import { MIGRATIONS, temporaryBook } from './testing';
import { z } from 'zod';

/** Part of an Express route that is read here. */
const stackSchema = z.array(
  z.object({
    route: z.object({ path: z.string(), methods: z.record(z.string(), z.boolean()) }).optional(),
  }),
);

describe('the API’s table', () => {
  it('has every route that is served, and none that is not', () => {
    const { book, folder, remove } = temporaryBook();
    const access = {
      phones: phoneList(folder),
      codes: pairingCodes(),
      answers: openAnswers(),
      network: () => undefined,
    };
    const options = { book, migrations: MIGRATIONS, access, build: 'test', now: () => 0 };
    const served = Object.entries(apiParts(options)).flatMap(([under, part]) =>
      stackSchema.parse(Reflect.get(part, 'stack')).flatMap(({ route }) => {
        if (!route) return [];
        const path = `${under}/${route.path}`.replace(/\/+/g, '/').replace(/(.)\/$/, '$1');
        return Object.keys(route.methods).map(
          (method) => `${method} ${path.replace(/:(\w+)/g, '{$1}')}`,
        );
      }),
    );
    const listed = API.map(({ method, path }) => `${method} ${path}`);
    expect(served.toSorted()).toEqual(listed.toSorted());
    remove();
  });

  it('finds the route of a request, with and without the version', () => {
    expect(routeFor('GET', '/api/v1/cooks/recent')?.path).toBe('/cooks/recent');
    expect(routeFor('HEAD', '/api/cooks/abc')?.path).toBe('/cooks/{id}');
    expect(routeFor('POST', '/api/v1/cooks/abc/events')?.who).toBe('cook');
    expect(routeFor('GET', '/apiary')).toBeUndefined();
    expect(routeFor('PUT', '/api/v1/phones')).toBeUndefined();
  });

  it('marks only ids as ids in a path', () => {
    const text = JSON.stringify(openApi('abc').paths['/schemas/{name}']);
    expect(text).toContain('"name":"name","in":"path"');
    expect(text).not.toContain('uuid');
  });

  it('is a machine-readable description', () => {
    const described = openApi('abc');
    const text = JSON.stringify(described);
    expect(text).not.toContain('undefined');
    expect(described.openapi).toBe('3.1.0');
    expect(Object.keys(described.paths)).toContain('/cooks/{id}/events');
    expect(text).toContain('"name":"before","in":"query","required":false');
  });
});
