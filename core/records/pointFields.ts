import type { RecordField } from '../schema/rows';
import { count, decimal, list, orNull, temperature, words, type Written } from '../schema/written';
import { flowAmount, pressureAmount } from '../schema/writtenFlow';
import { say } from '../wording/say';

/** Takes a kind of value as lists of fields hold them: every type beside the others. */
const kindOf = <V>(kind: Written<V>): Written<unknown> => kind as Written<unknown>;

const SECTIONS_FAULT = 'Write the numbers of the sections: 1, 2.';

/** Writes sections by their numbers, with a comma between. */
const sections: Written<number[]> = {
  write: (numbers) => numbers.join(', '),
  read: (text, unit) =>
    list()
      .read(text.replaceAll(',', ';'), unit)
      .map((one) => count(1, 8, SECTIONS_FAULT).read(one, unit)),
};

/** Lists how fast the engine turns in a step of a test, the pump for each of its turns, and how hot the oil is. */
export const STATE_FIELDS: readonly RecordField[] = [
  { name: 'rpm', key: 'drive_rpm', as: kindOf(decimal(1)), need: 'Enter the speed.' },
  { name: 'ratio', as: kindOf(decimal(4)) },
  {
    name: 'oil',
    key: 'oil_C',
    as: kindOf(orNull(temperature(-40, 150, (ends) => say('tag.temperatureRange', ends)))),
  },
];

/** Lists the fields of a step of a test, as people write them. */
export const POINT_FIELDS: readonly RecordField[] = [
  ...STATE_FIELDS,
  { name: 'name', as: kindOf(words) },
  {
    name: 'pressure',
    key: 'pressure_bar',
    as: kindOf(pressureAmount),
    need: 'Enter the pressure.',
  },
  { name: 'minutes', as: kindOf(orNull(decimal(1))) },
  { name: 'sections', as: kindOf(sections) },
  { name: 'least', key: 'least_lpm', as: kindOf(orNull(flowAmount)) },
  { name: 'mostLoss', key: 'mostLoss_lpm', as: kindOf(orNull(flowAmount)) },
  { name: 'source', as: kindOf(words) },
];

/** Holds a step of a test as text. */
export type PointTexts = Record<
  | 'name'
  | 'rpm'
  | 'ratio'
  | 'pressure'
  | 'oil'
  | 'minutes'
  | 'sections'
  | 'least'
  | 'mostLoss'
  | 'source',
  string
>;

/** A step that nobody has described yet. */
export const NO_POINT: PointTexts = {
  name: '',
  rpm: '',
  ratio: '1',
  pressure: '',
  oil: '',
  minutes: '2',
  sections: '',
  least: '',
  mostLoss: '',
  source: '',
};
