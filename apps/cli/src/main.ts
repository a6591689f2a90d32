import { readFileSync } from 'node:fs';
import { COMMANDS, isCommandName, describeCommand, type Outcome } from './commands';
import { isSchemaName, jsonSchemaOf, SCHEMA_NAMES } from '@crustan/core/formats/jsonSchemas';
import { readRequests } from './readRequests';
import { t } from './words';

const USAGE = t('usage', {
  commands: Object.keys(COMMANDS)
    .map((name) => `${name} ${t('file')}`)
    .join(' | '),
});

const giveUp = (line: string): never => {
  process.stderr.write(`${line}\n`);
  process.exit(2);
};

const [name = '', file = '', words = ''] = process.argv.slice(2);
if (name === 'plan' && file === '--say') {
  const { refused, json } = describeCommand(words);
  const said = JSON.stringify(json, null, 2);
  if (refused) giveUp(said);
  process.stdout.write(`${said}\n`);
  process.exit(0);
}
if (name === 'schema') {
  if (!isSchemaName(file)) giveUp(t('unknown-schema', { schemas: SCHEMA_NAMES.join(', ') }));
  else process.stdout.write(`${JSON.stringify(jsonSchemaOf(file), null, 2)}\n`);
  process.exit(0);
}
if (!isCommandName(name) || file === '') giveUp(USAGE);
const command: (value: unknown) => Outcome = isCommandName(name) ? COMMANDS[name] : giveUp(USAGE);

const text = (): string => {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    return giveUp(
      t('file-cannot-be-read', { file, why: error instanceof Error ? error.message : '' }),
    );
  }
};

const requests = readRequests(file, text());
switch (requests.kind) {
  case 'unreadable':
    giveUp(t('file-is-not-json', { file, why: requests.why }));
    break;
  case 'one': {
    const { refused, json } = command(requests.value);
    const said = JSON.stringify(json, null, 2);
    if (refused) giveUp(said);
    process.stdout.write(`${said}\n`);
    break;
  }
  case 'many':
    // One line each, in order; a rejected request prints its problem, and the others continue.
    for (const request of requests.values) {
      const json = 'problem' in request ? request.problem : command(request.value).json;
      process.stdout.write(`${JSON.stringify(json)}\n`);
    }
    break;
}
