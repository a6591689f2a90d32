import type { cli as english } from '../en/cli';
import type { TranslationOf } from '../translator';

/** Messages of cli in Spanish. */
export const cli: TranslationOf<typeof english> = {
  file: 'ARCHIVO',
  usage:
    'uso: npm run -s crustan -- {commands} | plan --say "dos chuletones, 4 cm, poco hechos" | schema NOMBRE',
  'unknown-schema': 'Esquema desconocido. Usa uno de {schemas}.',
  'file-cannot-be-read': 'No se puede leer {file}: {why}',
  'file-is-not-json': 'No se puede leer {file} como JSON: {why}',
  'not-json': 'No es JSON',
  'line-is-not-json': 'la línea {line} no es JSON: {why}',
  'not-in-range': 'Fuera de los límites',
  'leave-ice-in-the-middle':
    'dejan hielo en el centro ({core} C tras {seconds} s): valdría más tiempo, o hasta que se descongele',
};
