import { fluidsFor } from '@/core/flow/fluids';
import { GENERIC_FLUIDS } from '@/core/hydraulics/grades';
import { AS_THE_SHEET, NO_SHEET_FLOW } from '@/core/records/flow';
import { JOB } from '@/core/testing/readings';
import {
  fromFlowForm,
  NO_CIRCUIT,
  OWN_OIL,
  toFlowForm,
  withFluid,
  type FlowForm,
} from './flowForm';

const KNOWN = fluidsFor([{ name: 'Depot mix', kv40_mm2s: 40, kv100_mm2s: 6, density15_kgm3: 865 }]);
const CIRCUIT = { name: 'Cooler', idle_lpm: 3, idle_bar: 3, work_lpm: null, work_bar: null };
const SHEET = { ...NO_SHEET_FLOW, demand: [CIRCUIT] };
const job = { flow: AS_THE_SHEET, sheet: { ...JOB.sheet, flow: SHEET } };
const form = (more: Partial<FlowForm> = {}): FlowForm => ({
  ...toFlowForm(job, KNOWN, 'mm'),
  ...more,
});
const read = (more: Partial<FlowForm>) => fromFlowForm(form(more), SHEET, KNOWN, 'mm');

describe('what is said of a job’s flow', () => {
  it('is nothing of its own while nobody typed anything', () => {
    expect(read({})).toEqual({ ok: true, job: AS_THE_SHEET, sheet: SHEET });
  });
  it('is an oil that is known by its name, or one with figures of its own', () => {
    expect(read({ oil: 'Depot mix' })).toMatchObject({ job: { fluid: KNOWN[0] } });
    expect(read({ oil: GENERIC_FLUIDS[0]!.name })).toMatchObject({
      job: { fluid: GENERIC_FLUIDS[0] },
    });
    const own = {
      oil: OWN_OIL,
      oil_name: 'Drum 4',
      oil_kv40: '41',
      oil_kv100: '7',
      oil_density: '860',
    };
    const typed = read(own);
    expect(typed).toMatchObject({ job: { fluid: { name: 'Drum 4', kv40_mm2s: 41 } } });
    const again = toFlowForm(
      {
        ...job,
        flow: {
          ...AS_THE_SHEET,
          fluid: { name: 'Drum 4', kv40_mm2s: 41, kv100_mm2s: 7, density15_kgm3: 860 },
        },
      },
      KNOWN,
      'mm',
    );
    expect(again).toMatchObject(own);
  });
  it('takes an oil to the shop’s own, in place of one of its name', () => {
    const [mix] = KNOWN;
    const more = withFluid([mix!], { ...mix!, kv40_mm2s: 44 });
    expect(more).toEqual([{ ...mix!, kv40_mm2s: 44 }]);
    expect(withFluid(more, GENERIC_FLUIDS[0]!)).toHaveLength(2);
  });
  it('is read in the shop’s units, and kept as it was where nobody touched it', () => {
    const thou = fromFlowForm(
      {
        ...toFlowForm(job, KNOWN, 'thou'),
        idle_rpm: '650',
        idle_pressure: '100',
        idle_temp: '200',
      },
      SHEET,
      KNOWN,
      'thou',
    );
    expect(thou).toMatchObject({
      job: {
        idle: {
          rpm: 650,
          pressure_bar: expect.closeTo(6.895, 3) as number,
          temp_C: expect.closeTo(93.33, 2) as number,
        },
      },
    });
  });
  it('holds for the sheet where that is wanted, and the job then says nothing of its own', () => {
    const circuits = [
      ...form().circuits,
      { ...NO_CIRCUIT, name: 'Clutches', idle: '8', idleBar: '9' },
    ];
    const typed = read({
      circuits,
      cc: '27.5',
      holds: 'sheet',
      work_rpm: '1800',
      work_pressure: '18',
      work_temp: '70',
    });
    expect(typed).toMatchObject({
      job: AS_THE_SHEET,
      sheet: {
        cc_rev: 27.5,
        demand: [CIRCUIT, { name: 'Clutches', idle_lpm: 8 }],
        work: { rpm: 1800 },
      },
    });
  });
  it.each([
    [{ idle_rpm: '700' }, 'idle_pressure'],
    [{ idle_rpm: '-1', idle_pressure: '8', idle_temp: '90' }, 'idle_rpm'],
    [{ idle_rpm: '700', idle_pressure: '8', idle_temp: '300' }, 'idle_temp'],
    [{ work_rpm: 'x', work_pressure: '8', work_temp: '90' }, 'work_rpm'],
    [
      { oil: OWN_OIL, oil_name: 'Drum', oil_kv40: '', oil_kv100: '7', oil_density: '860' },
      'oil_kv40',
    ],
    [
      { oil: OWN_OIL, oil_name: 'Drum', oil_kv40: '7', oil_kv100: '41', oil_density: '860' },
      'oil_kv100',
    ],
    [
      { oil: OWN_OIL, oil_name: '', oil_kv40: '41', oil_kv100: '7', oil_density: '860' },
      'oil_name',
    ],
    [{ circuits: [{ ...NO_CIRCUIT, name: 'A', idle: 'much' }] }, 'circuits.0.idle'],
    [{ circuits: [{ ...NO_CIRCUIT, name: 'A', idle: '4', idleBar: '-2' }] }, 'circuits.0.idleBar'],
    [{ cc: '0' }, 'cc'],
  ] as const)('%j is refused at its field', (odd, field) => {
    const typed = read(odd as Partial<FlowForm>);
    expect(typed.ok ? [] : Object.keys(typed.errors)).toContain(field);
  });
  it('says all that is wrong at once', () => {
    const typed = read({ idle_rpm: '-1', idle_pressure: '-5', idle_temp: '900', cc: 'x' });
    const fields = ['cc', 'idle_pressure', 'idle_rpm', 'idle_temp'];
    expect(typed.ok ? [] : Object.keys(typed.errors).sort()).toEqual(fields);
  });
});
