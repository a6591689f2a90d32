import { readFileSync } from 'node:fs';
import { planCommand, simulateCommand, type Outcome } from './commands';

const USAGE = 'usage: npm run -s crustan -- simulate FILE | plan FILE';
const COMMANDS: Readonly<Record<string, (value: unknown) => Outcome>> = {
  simulate: simulateCommand,
  plan: planCommand,
};

const giveUp = (line: string): never => {
  process.stderr.write(`${line}\n`);
  process.exit(2);
};

const [name = '', file = ''] = process.argv.slice(2);
const command = COMMANDS[name] ?? giveUp(USAGE);
if (file === '') giveUp(USAGE);

const read = (): unknown => {
  try {
    return JSON.parse(readFileSync(file, 'utf8'));
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return giveUp(`${file} cannot be read as JSON: ${why}`);
  }
};

const outcome = command(read());
const text = `${JSON.stringify(outcome.json, null, 2)}\n`;
if (outcome.refused) giveUp(text.trimEnd());
process.stdout.write(text);
