import type { Problem } from '@crustan/core/formats';
import { t } from './words';

/** One of many requests: its value, or the problem of its line. */
export type Request = { readonly value: unknown } | { readonly problem: Problem };

/** Requests in a file: one, many, or none that can be read. */
export type Requests =
  | { readonly kind: 'one'; readonly value: unknown }
  | { readonly kind: 'many'; readonly values: readonly Request[] }
  | { readonly kind: 'unreadable'; readonly why: string };

const whyOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

const ofLine = (line: string, at: number): Request => {
  try {
    return { value: JSON.parse(line) };
  } catch (error) {
    const detail = t('line-is-not-json', { line: String(at + 1), why: whyOf(error) });
    return { problem: { type: 'about:blank', title: t('not-json'), status: 400, detail } };
  }
};

/**
 * Reads a file of one request, or of many: a JSON array, or one object a line if the file's name ends in `.ndjson`.
 * Empty lines are left out; a line with invalid JSON gives a problem.
 */
export const readRequests = (name: string, text: string): Requests => {
  const plain = text.startsWith('\uFEFF') ? text.slice(1) : text;
  if (/\.ndjson$/i.test(name)) {
    const lines = plain.split('\n').map((line, at) => ({ line: line.trim(), at }));
    const said = lines.filter(({ line }) => line !== '');
    return { kind: 'many', values: said.map(({ line, at }) => ofLine(line, at)) };
  }
  try {
    const value: unknown = JSON.parse(plain);
    return Array.isArray(value)
      ? { kind: 'many', values: value.map((one: unknown) => ({ value: one })) }
      : { kind: 'one', value };
  } catch (error) {
    return { kind: 'unreadable', why: whyOf(error) };
  }
};
