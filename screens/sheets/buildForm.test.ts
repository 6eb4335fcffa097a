import { assemblyOf } from '@/core/pumps/assemblies';
import type { Sheet } from '@/core/records/sheet';
import { EVERY_BUILD } from '@/core/testing/builds';
import { VELTRANE_T6 } from '@/core/testing/sheets';
import { fromForm, toForm, type SheetForm } from './sheetForm';

const withUsual = (sheet: Sheet): Sheet => ({ ...sheet, assembly: [...assemblyOf(sheet)] });
const T6 = withUsual(VELTRANE_T6);

function edited(change: (form: SheetForm) => void) {
  const form = toForm(T6, 'mm');
  change(form);
  return fromForm(form, T6, 'mm');
}
const stepOf = (sheet: Sheet, id: string) => sheet.assembly.find((step) => step.id === id);

describe('the build on a sheet', () => {
  it.each(EVERY_BUILD.map((sheet) => [sheet.model, withUsual(sheet)] as const))(
    'of %s stays to the letter where nothing was touched',
    (_, sheet) => {
      const { sheet: again, errors } = fromForm(toForm(sheet, 'thou'), sheet, 'thou');
      expect(errors).toEqual([]);
      expect(again.assembly).toEqual(sheet.assembly);
    },
  );

  it('takes a step, what it puts in and how its bolts are drawn up', () => {
    const { sheet, errors } = edited((form) => {
      const fasten = form.assembly.find(({ id }) => id === 'fasten-2')!;
      Object.assign(fasten, { do: ' In four rounds. ', stages: '25; 50; 75 %; 100' });
      form.assembly[0]!.parts = 'body; cover';
    });
    expect(errors).toEqual([]);
    expect(stepOf(sheet, 'fasten-2')).toMatchObject({
      do: 'In four rounds.',
      stages: [0.25, 0.5, 0.75, 1],
    });
    expect(sheet.assembly[0]!.parts).toEqual(['body', 'cover']);
  });

  it.each(['0; 100', '33; 120', 'a third'])('says that stages of “%s” are none', (stages) => {
    const { errors } = edited((form) => {
      form.assembly.find(({ id }) => id === 'fasten-2')!.stages = stages;
    });
    expect(errors).toEqual([
      { path: expect.stringMatching(/^assembly\.\d+\.stages$/), message: expect.any(String) },
    ]);
  });

  it('needs no more what a step was put before', () => {
    const at = T6.assembly.findIndex(({ id }) => id === 'seal');
    const [needed] = T6.assembly[at]!.after;
    const { sheet } = edited(({ assembly }) => {
      assembly.unshift(...assembly.splice(at, 1));
    });
    expect(sheet.assembly[0]).toMatchObject({ id: 'seal', after: [] });
    expect(T6.assembly.some(({ id }) => id === needed)).toBe(true);
    const others = T6.assembly.filter(({ id }) => id !== 'seal');
    expect(sheet.assembly.slice(1)).toEqual(others);
  });

  it('asks about a part that no step puts in, once the sheet has steps of its own', () => {
    const { doubts } = edited((form) => {
      form.assembly.find(({ id }) => id === 'drive')!.parts = '';
    });
    expect(doubts).toEqual([
      { path: 'assembly', message: expect.stringMatching(/puts in: Drive gear\./) },
    ]);
    const usual = fromForm(toForm(VELTRANE_T6, 'mm'), VELTRANE_T6, 'mm');
    expect(usual.doubts).toEqual([]);
  });

  it('has tools, and a line for each thing that is handed over', () => {
    const tool = {
      id: 'drift',
      name: ' Drift ',
      use: 'seal',
      sizes: '⌀ 62\nlength 90',
      step: 'seal',
    };
    const { sheet, errors } = edited((form) => {
      form.tools = [tool];
      form.handover = 'Oil of the depot only.\n\n  Look again after a day.  ';
    });
    expect(errors).toEqual([]);
    expect(sheet.tools).toEqual([{ ...tool, name: 'Drift' }]);
    expect(sheet.handover).toEqual(['Oil of the depot only.', 'Look again after a day.']);
    const nameless = edited((form) => {
      form.tools = [{ ...tool, name: '' }];
    });
    expect(nameless.errors[0]).toMatchObject({ path: 'tools.0.name' });
  });
});
