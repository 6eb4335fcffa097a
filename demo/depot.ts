import { writeFile } from '../core/records/fileFormat';
import { record } from '../core/journal/commands';
import { ledgerOf } from '../core/journal/ledger';
import type { ToldEntry } from '../core/records/entries/told';
import type { ZeroEntry } from '../core/records/entries/zero';
import type { Job } from '../core/records/job';
import { NEW_SHOP } from '../core/records/shop';
import type { Sheet } from '../core/records/sheet';
import { evenFrom } from '../core/random';
import { afterBench, type BenchPlan } from '../core/practice/bench';
import { hiddenOf } from '../core/practice/hidden';
import { emptyJob } from '../core/practice/job';
import { measure } from '../core/practice/hand';
import { DEMO_SHEETS, VELTRANE_T6 } from './sheets';
import { DEMO_SHELF } from './shelf';

interface Case {
  readonly tag: string;
  readonly owner: string;
  readonly unit: string;
  readonly complaint: string;
  /** Lists complaints and signs that the customer told of. */
  readonly told?: readonly string[];
  readonly by: string;
  readonly day: string;
  readonly tier?: 'new' | 'service';
  /** Id of its sheet without the front; the crescent pump where it is not said. */
  readonly sheet?: string;
  /** How far into its limits the pump is worn: 0 new, 1 at the limit. */
  readonly worn?: number;
  /** Gaps in mm that are not as the wear would have them. */
  readonly gaps?: Readonly<Record<string, number>>;
  /** Each place is measured to the nearest leaves. */
  readonly sized?: true;
  readonly tries?: number;
  readonly variant?: number;
  readonly received?: Partial<
    Pick<
      Job,
      'contact' | 'serial' | 'used' | 'usedUnit' | 'fluid' | 'rotation' | 'ports' | 'due' | 'before'
    >
  >;
  readonly bench?: BenchPlan;
  /** Why it ended before it was measured. */
  readonly closed?: string;
}

/** The depot's jobs: unfinished ones and every verdict among them. */
const CASES: readonly Case[] = [
  {
    tag: 'HM-0417',
    owner: 'Highmoor Winter Depot',
    unit: 'Gritter 7',
    complaint: 'Slow to engage when hot',
    told: ['LH', 'falls-hot', 'hours'],
    by: 'Ivo K.',
    day: '2026-11-20',
    gaps: { 'face-drive': 0.045, 'face-driven': 0.045, 'od-pocket': 0.14, 'cover-wear': 0.01 },
    tries: 5,
    variant: 4,
    received: {
      contact: 'Bay 2, extension 14',
      serial: '71 204',
      used: 6120,
      fluid: 'Depot ATF, red',
      due: '2026-11-27',
      before: [
        { drive_rpm: 800, ratio: 1, flow_lpm: 20.8, pressure_bar: 4.1, oil_C: 85 },
        { drive_rpm: 2000, ratio: 1, flow_lpm: 52.4, pressure_bar: 9.8, oil_C: 88 },
      ],
    },
  },
  {
    tag: 'HM-0416',
    owner: 'Highmoor Winter Depot',
    unit: 'Gritter 3',
    complaint: 'Whine at idle',
    told: ['NS'],
    by: 'Ivo K.',
    day: '2026-11-12',
    gaps: { 'face-drive': 0.05, 'face-driven': 0.05, 'od-pocket': 0.16, 'cover-wear': 0.008 },
  },
  {
    tag: 'HM-0412',
    owner: 'Airfield section',
    unit: 'Tug 2',
    complaint: 'No drive after warm-up',
    told: ['LH', 'falls-hot', 'falls-hot-back-with-revs'],
    by: 'Runa T.',
    day: '2026-10-30',
    received: {
      before: [{ drive_rpm: 800, ratio: 1, flow_lpm: 14.5, pressure_bar: 4.1, oil_C: 85 }],
    },
    gaps: { 'face-drive': 0.098, 'face-driven': 0.098, 'od-pocket': 0.19, 'cover-wear': 0.03 },
    variant: 3,
    bench: {
      defects: { 'cover-track': { defect: 'scored', nail: 'catches', depth_mm: 0.03 } },
      also: { lands: 'stepped', 'clutch-1-free': 'both' },
    },
  },
  {
    tag: 'HM-0409',
    owner: 'Highmoor Winter Depot',
    unit: 'Snow blower 1',
    complaint: 'Seal blown twice',
    told: ['SB', 'again', 'rebuilt-lately'],
    by: 'Runa T.',
    day: '2026-10-08',
    gaps: { 'face-drive': 0.068, 'face-driven': 0.068, 'od-pocket': 0.21, 'cover-wear': 0.024 },
    variant: 4,
    bench: {
      defects: {
        bushing: { defect: 'blued', remark: 'blue to the groove' },
        hub: { defect: 'blued', decided: 'replace', remark: 'third time on this unit' },
        crescent: { defect: 'polished', remark: 'both flanks bright at the left end' },
      },
      missing: { seal: 'retaining clip of the seal' },
    },
  },
  {
    tag: 'HM-0398',
    owner: 'Airfield section',
    unit: 'Tug 5',
    complaint: 'Routine, before winter',
    by: 'Ivo K.',
    day: '2026-09-17',
    tier: 'new',
    gaps: { 'face-drive': 0.035, 'face-driven': 0.035, 'od-pocket': 0.11, 'cover-wear': 0.006 },
  },
  {
    tag: 'HM-0423',
    owner: 'County roads',
    unit: 'Gritter 5',
    complaint: 'Low line pressure when hot',
    told: ['LH', 'falls-hot'],
    by: 'Runa T.',
    day: '2026-11-16',
    gaps: { 'face-drive': 0.094, 'face-driven': 0.094, 'od-pocket': 0.15, 'cover-wear': 0.004 },
    variant: 4,
    sized: true,
    bench: {},
  },
  {
    tag: 'HM-0421',
    owner: 'Parish of Lower Highmoor',
    unit: 'Loader',
    complaint: '',
    by: 'Runa T.',
    day: '2026-11-22',
    gaps: { 'face-drive': 0.05, 'face-driven': 0.05, 'od-pocket': 0.15, 'cover-wear': 0.01 },
    tries: 0,
  },
  {
    tag: 'HM-0420',
    owner: 'Highmoor Winter Depot',
    unit: 'Snow blower 4',
    complaint: 'Low oil pressure warm',
    told: ['LH', 'falls-hot'],
    by: 'Runa T.',
    day: '2026-11-19',
    sheet: 'oskerry-g4',
    worn: 0.55,
    tries: 9,
  },
  {
    tag: 'HM-0414',
    owner: 'Highmoor Winter Depot',
    unit: 'Snow blower 2',
    complaint: 'Relief valve sticks',
    told: ['ER', 'jumps'],
    by: 'Ivo K.',
    day: '2026-11-05',
    sheet: 'oskerry-g4',
    worn: 0.5,
  },
  {
    tag: 'HM-0418',
    owner: 'Airfield section',
    unit: 'Tug 7',
    complaint: 'Harsh shifts when cold',
    told: ['HI', 'only-cold'],
    by: 'Ivo K.',
    day: '2026-11-18',
    sheet: 'veltrane-v9',
    worn: 0.5,
  },
  {
    tag: 'HM-0405',
    owner: 'County roads',
    unit: 'Spreader 12',
    complaint: 'Spinner slow under load',
    told: ['LP', 'under-load', 'gradual-even'],
    by: 'Runa T.',
    day: '2026-09-29',
    sheet: 'brunnick-h30',
    worn: 1.25,
    variant: 2,
    received: { rotation: 'clockwise', ports: 'larger port left, drain plug right' },
    bench: {
      defects: {
        'bore-drive': { defect: 'walked-in', depth_mm: 0.12 },
        'plate-front': { defect: 'scored', nail: 'catches' },
        'teeth-drive': { defect: 'scored', nail: 'passes' },
      },
      wet: true,
    },
  },
  {
    tag: 'HM-0419',
    owner: 'County roads',
    unit: 'Plough 3',
    complaint: 'Foams after an hour',
    told: ['NS', 'foam'],
    by: 'Ivo K.',
    day: '2026-11-19',
    sheet: 'brunnick-h30-tandem',
    worn: 0.5,
    tries: 14,
    variant: 2,
    bench: { also: { 'larger-port': 'the right one', 'small-clip': 'missing' } },
    received: { rotation: 'anticlockwise', used: 48200, usedUnit: 'km', due: '2026-11-20' },
  },
  {
    tag: 'HM-0402',
    owner: 'Highmoor Winter Depot',
    unit: 'Generator 1',
    complaint: 'Routine, 4 000 hours',
    by: 'Ivo K.',
    day: '2026-09-22',
    sheet: 'oskerry-e2',
    worn: 0.5,
  },
  {
    tag: 'HM-0408',
    owner: 'Airfield section',
    unit: 'Tug 2',
    complaint: 'Steering heavy at idle',
    told: ['LH'],
    by: 'Runa T.',
    day: '2026-10-06',
    sheet: 'brunnick-c12',
    worn: 0.6,
  },
  {
    tag: 'HM-0391',
    owner: 'Parish of Lower Highmoor',
    unit: 'Sampling lorry',
    complaint: 'No vacuum after lunch',
    told: ['NP', 'sudden'],
    by: 'Runa T.',
    day: '2026-08-31',
    sheet: 'oskerry-s4',
    worn: 0.95,
    bench: { defects: { vanes: { defect: 'chipped', remark: 'vane 3, one corner' } } },
  },
  {
    tag: 'HM-0422',
    owner: 'Highmoor Winter Depot',
    unit: 'Gritter 11',
    complaint: 'Oil in the bell housing',
    told: ['LK'],
    by: 'Ivo K.',
    day: '2026-11-21',
    tries: 0,
    variant: 2,
    received: { serial: '30 118', used: 9800, fluid: 'Depot ATF, brown', due: '2026-12-04' },
    bench: {
      defects: {
        ears: { defect: 'cracked', remark: 'lower left ear, through to the seal bore' },
        'cover-track': { defect: 'scored', nail: 'passes' },
      },
    },
    closed: 'Body, ears and ribs: cracked; lower left ear, through to the seal bore',
  },
  {
    tag: 'HM-0415',
    owner: 'County roads',
    unit: 'Van 21',
    complaint: 'Slips on the hill after an hour',
    told: ['LH', 'falls-hot'],
    by: 'Runa T.',
    day: '2026-11-10',
    sheet: 'veltrane-r3',
    worn: 0.7,
    bench: { also: { 'clutch-1-pins': 'fewer' } },
  },
];

const sheetOf = (c: Case): Sheet =>
  DEMO_SHEETS.find((s) => s.id === `demo-sheet-${c.sheet}`) ?? VELTRANE_T6;

/** Nothing in the depot's jobs goes back further than its instruments were zeroed. */
const zeroed = (at: string, by: string): ZeroEntry[] =>
  NEW_SHOP.instruments
    .filter((i) => i.zeroDays > 0)
    .map(({ id: instrument }) => ({
      kind: 'zero',
      id: `zero-${instrument}`,
      at,
      by,
      voided: null,
      instrument,
      standard_mm: 25,
      read_mm: 25,
    }));

/** Notes what the customer told of when the pump came in. */
const toldBy = ({ told = [], by }: Case, at: string): ToldEntry[] =>
  told.map((of) => ({ kind: 'told', id: `told-${of}`, at, by, voided: null, of, answer: 'yes' }));

function jobOf(c: Case, index: number): Job {
  const begin = new Date(`${c.day}T09:${String(10 + index).padStart(2, '0')}:00.000Z`);
  const tier = c.tier ?? 'service';
  const sheet = sheetOf(c);
  const base: Job = {
    ...emptyJob(sheet, begin.toISOString()),
    id: `demo-job-${c.tag.toLowerCase()}`,
    demo: true,
    tag: c.tag,
    owner: c.owner,
    unit: c.unit,
    complaint: c.complaint,
    by: c.by,
    tier,
    stage: c.tries === undefined || c.closed ? 'report' : c.tries === 0 ? 'tag' : 'measure',
    variant: c.variant ? (sheet.variants[c.variant - 1]?.id ?? null) : null,
    ...c.received,
    ...(c.sized ? { rules: { ...NEW_SHOP.rules, record: 'size' } } : {}),
    closed: c.closed ? { at: begin.toISOString(), by: c.by, why: c.closed } : null,
  };
  const at = begin.toISOString();
  const job = record(base, ...toldBy(c, at), ...zeroed(at, c.by));
  const untouched = c.tries === 0 && !c.bench;
  const opened = untouched ? job : afterBench(job, c.bench ?? {}, begin);
  const even = evenFrom(417 + index);
  const hidden = hiddenOf(sheet, tier, c.worn ?? 0.5, c.gaps ?? {}, even);
  const room = { instruments: NEW_SHOP.instruments, zeros: ledgerOf(job).zeros };
  return measure(opened, hidden, room, begin, c.tries);
}

/** The demo as a file of the app's own format: the same every time it is made. */
export function demoFile(): string {
  return writeFile(
    { sheets: DEMO_SHEETS, jobs: CASES.map(jobOf), parts: DEMO_SHELF },
    '2026-11-23T00:00:00.000Z',
  );
}
