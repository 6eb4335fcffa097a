import { nextStep } from './evaluator';
import { withReading } from '../journal/commands';
import { characteristicId } from '../pumps/ids';
import type { ZeroCheck } from '../records/instrument';
import type { Job } from '../records/job';
import { NEW_SHOP } from '../records/shop';
import { AT, JOB, sizeReadingOf } from '../testing/readings';
import { usualStandard, zeroFirst } from './zeroFirst';

const { instruments } = NEW_SHOP;
const LATER = '2026-12-24T09:00:00.000Z';
const turnedTo = (id: string, job: Job = JOB): Job => ({
  ...job,
  cursor: { characteristic: characteristicId(id), way: 'size' },
});
const asked = (job: Job, zeros: readonly ZeroCheck[] = [], at = AT) =>
  zeroFirst(job, { instruments, zeros }, nextStep(job), at)?.id ?? null;
const zeroed = (instrument: string, at = AT): ZeroCheck => ({
  instrument,
  at,
  by: '',
  standard_mm: 25,
  read_mm: 25,
});

function readOnce(job: Job, zeros: readonly ZeroCheck[], at = AT): Job {
  const step = nextStep(job);
  if (step?.way !== 'size') throw new Error('No size is next.');
  const entry = { id: 'r1', at, by: '', text: '20.04', unit: 'mm' as const, read_mm: 20.04 };
  const room = { instruments, zeros };
  return withReading(
    job,
    sizeReadingOf(job, room, step.dimension, step.station.id, { ...entry, source: 'typed' }),
  );
}

describe('the zero before the first size', () => {
  const job = turnedTo('floor-tilt');

  it('is asked for where none is on file, and where the last is too old', () => {
    expect(asked(job)).toBe('depth-mic');
    expect(asked(job, [zeroed('depth-mic')])).toBeNull();
    expect(asked(job, [zeroed('outside-mic')])).toBe('depth-mic');
    expect(asked(job, [zeroed('depth-mic')], LATER)).toBe('depth-mic');
  });
  it('is not asked for again once the job was read without it', () => {
    expect(asked(readOnce(job, []))).toBeNull();
  });
  it('is asked for again once it is overdue', () => {
    const zeros = [zeroed('depth-mic')];
    const read = readOnce(job, zeros);
    expect(asked(read, zeros)).toBeNull();
    expect(asked(read, zeros, LATER)).toBe('depth-mic');
    expect(asked(readOnce(read, zeros, LATER), zeros, LATER)).toBeNull();
  });
  it('is not asked of leaves, nor of a dial that is set at every reading', () => {
    expect(asked({ ...JOB, cursor: { characteristic: null, way: 'leaf' } })).toBeNull();
    expect(asked(turnedTo('backlash'))).toBeNull();
  });
  it('proposes the standard of the last check, or nothing to stand on', () => {
    const [depth, , bore] = instruments;
    expect(usualStandard(depth!, { zeros: [] })).toBe(0);
    expect(usualStandard(bore!, { zeros: [] })).toBeNull();
    expect(usualStandard(depth!, { zeros: [zeroed('depth-mic')] })).toBe(25);
  });
});
