import { repairOrNew } from './repairOrNew';

const near = (mm: number, digits = 9) => expect.closeTo(mm, digits) as number;

describe('a repair beside a new pump', () => {
  const JOB = {
    partsCost: 100,
    minutes: 60,
    ratePerHour: 50,
    outsideCost: 0,
    repairDays: 2,
    price: 300,
    newDays: 5,
    downPerDay: 10,
    repairComeback_percent: 5,
    newComeback_percent: 5,
    comebackCost: 400,
  };
  it('is even at the days and at the chance that it names', () => {
    const { evenRepairDays, evenComeback_percent } = repairOrNew(JOB);
    expect(repairOrNew({ ...JOB, repairDays: evenRepairDays ?? NaN }).better).toBe('even');
    expect(
      repairOrNew({ ...JOB, repairComeback_percent: evenComeback_percent ?? NaN }).better,
    ).toBe('even');
  });
  it('says which is cheaper, and of no day or chance what makes no difference', () => {
    expect(repairOrNew({ ...JOB, price: 50 })).toMatchObject({ better: 'new', by: near(70) });
    expect(repairOrNew({ ...JOB, downPerDay: 0 }).evenRepairDays).toBeNull();
    expect(repairOrNew({ ...JOB, comebackCost: 0 }).evenComeback_percent).toBeNull();
    expect(repairOrNew({ ...JOB, price: 5000 }).evenComeback_percent).toBeNull();
    expect(repairOrNew({ ...JOB, price: 0, newDays: 0 }).evenRepairDays).toBeNull();
  });
  it('counts machining outside, and says nothing against a price that nobody asked', () => {
    expect(repairOrNew({ ...JOB, outsideCost: 30 }).repair).toBeCloseTo(
      repairOrNew(JOB).repair + 30,
      9,
    );
    expect(repairOrNew({ ...JOB, price: 1000 }).better).toBe('repair');
    expect(repairOrNew({ ...JOB, price: null })).toEqual({
      repair: near(190),
      new: null,
      better: null,
      by: null,
      evenRepairDays: null,
      evenComeback_percent: null,
    });
  });
});
