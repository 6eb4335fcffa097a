import { flowUnit, pressureUnit } from '@/core/quantity/flow';
import { temperatureUnit } from '@/core/quantity/temperature';
import { NO_POINT, POINT_FIELDS, type PointTexts } from '@/core/records/pointFields';
import type { RecordField } from '@/core/schema/rows';
import { say } from '@/core/wording/say';
import { newId } from '@/data/create';
import { saySheets } from '../saySheets';
import type { AskedField, Lists, Offered } from './list';

/** The steps of a test as text. */
export interface TestForms {
  testPoints: (PointTexts & { id: string })[];
}

type Row = TestForms['testPoints'][number];

const written = (name: string): RecordField =>
  POINT_FIELDS.find((field) => field.name === name) ?? { name };

/** Returns the list of the steps of a test. */
export function testLists({ pump, unit }: Offered): Lists<TestForms> {
  const sections = Math.max(1, ...pump.parts.map(({ section }) => section ?? 1));
  const field = (name: keyof PointTexts, asked: Omit<AskedField<Row>, 'name' | 'as'>) => ({
    ...written(name),
    ...asked,
  });
  const figure = { inputMode: 'decimal', width: 150 } as const;
  return {
    testPoints: {
      title: 'Steps of the test',
      about:
        'Prove runs them in this order. A step at the same speed without pressure gives the slip. Empty: the app makes some up.',
      blank: () => ({ ...NO_POINT, id: newId() }),
      kept: ['id'],
      folds: ({ name, rpm, pressure }) => ({
        name: name || saySheets('sheets.testStep', { rpm: rpm || '–', pressure: pressure || '–' }),
        about: name ? saySheets('sheets.testStep', { rpm, pressure }) : '',
      }),
      fields: [
        field('name', { label: 'What it stands for, as “hot idle”' }),
        field('rpm', { label: 'Engine or motor rpm', ...figure }),
        field('ratio', { label: 'Pump turns per engine turn', ...figure }),
        field('pressure', {
          label: say('tag.pressure', { unit: pressureUnit(unit) }),
          width: 150,
        }),
        field('oil', { label: say('tag.oil', { unit: temperatureUnit(unit) }), ...figure }),
        field('minutes', { label: 'Minutes', ...figure }),
        field('sections', {
          label: 'Sections alone, as 1, 2; empty for all',
          when: () => sections > 1,
          none: [],
        }),
        field('least', {
          label: say('tag.leastFlow', { unit: flowUnit(unit) }),
          width: 150,
        }),
        field('mostLoss', {
          label: say('tag.mostLoss', { unit: flowUnit(unit) }),
          width: 150,
        }),
        field('source', { label: 'Who says so: document and page' }),
      ],
    },
  };
}
