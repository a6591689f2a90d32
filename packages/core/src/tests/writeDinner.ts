import type { ReadDinner } from '../phrases/readDinner';

const whole = (value: number): string => String(Math.round(value));

/** Result of reading a dinner, in the notation of its corpus. */
export const writeDinner = ({ request, hour, day }: ReadDinner): string => {
  const { cut, pieces, thickness, weight, target, temper, saltAhead, surface } = request;
  const { way, pan, lowOven, hotOven, every } = request;
  const part = (value: number | undefined, says: (value: number) => string): readonly string[] =>
    value === undefined ? [] : [says(value)];
  return [
    ...(cut === undefined ? [] : [cut]),
    ...part(pieces, (count) => `x${count}`),
    ...part(thickness, (metres) => `${whole(metres * 1000)}mm`),
    ...part(weight, (kilos) => `${whole(kilos * 1000)}g`),
    ...part(target, (celsius) => `${whole(celsius)}C`),
    ...part(temper, (seconds) => `out${whole(seconds / 60)}`),
    ...part(saltAhead, (seconds) => `salt${whole(seconds / 60)}`),
    ...(surface === undefined ? [] : [surface]),
    ...(way === undefined ? [] : [way]),
    ...part(pan, (celsius) => `pan${whole(celsius)}`),
    ...part(lowOven, (celsius) => `low${whole(celsius)}`),
    ...part(hotOven, (celsius) => `hot${whole(celsius)}`),
    ...part(every, (seconds) => `every${whole(seconds)}`),
    ...(hour === undefined ? [] : [hour]),
    ...(day === undefined ? [] : [day]),
  ].join(' ');
};
