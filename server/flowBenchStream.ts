import type { Request } from 'express';
import { flowBench, type BenchSetting } from './flowBench';
import { eventStream } from './stream';

/** Gives what each setting may be, and what it is where the page does not say. */
const ASKED = {
  cc: { least: 0.1, most: 1000, usual: 10, is: 'cm³ per turn' },
  slip: { least: 0, most: 1000, usual: 1, is: 'l/min of leakage' },
  rpm: { least: 1, most: 20_000, usual: 1000, is: 'turns per minute' },
  bar: { least: 0, most: 1000, usual: 10, is: 'bar' },
  hz: { least: 1, most: 10, usual: 5, is: 'samples a second' },
} as const;
type Asked = keyof typeof ASKED;

/** Longest seed that is read. */
const LONGEST_SEED = 64;

/** Reads the setting of a stand from an address; the words of what is wrong with it. */
function settingFrom(query: Request['query']): BenchSetting | string {
  const figures = {} as Record<Asked, number>;
  for (const [name, { least, most, usual, is }] of Object.entries(ASKED)) {
    const value = Number(query[name] ?? usual);
    if (!(value >= least && value <= most)) return `${name} is ${is} from ${least} to ${most}`;
    figures[name as Asked] = value;
  }
  const seed = String(query.seed ?? '1').slice(0, LONGEST_SEED);
  return { ...figures, seed };
}

/** Makes what answers with the samples of a simulated flow bench: made up, seeded, and said to be so. */
export const flowBenchStream = () =>
  eventStream((query) => {
    const setting = settingFrom(query);
    if (typeof setting === 'string') return setting;
    const bench = flowBench(setting);
    return {
      is: 'a simulated flow bench',
      event: 'sample',
      every_ms: 1000 / setting.hz,
      next: () => bench.next(),
    };
  });
