import { writeBenchBook } from './benchBook';

const [file = '', seed = '1', cooks = '5000', readings = '400'] = process.argv.slice(2);
await writeBenchBook(file, {
  seed: Number(seed),
  cooks: Number(cooks),
  readings: Number(readings),
});
