import { shelfPart } from '../testing/shelf';
import { VELTRANE_T6 } from '../testing/sheets';
import { otherWidths } from './widths';

describe('gears on the shelf of another width', () => {
  const gears = (label: string, mm: number) =>
    shelfPart(label, ['drive', 'driven'], { 'drive-width': mm });
  it('are told by how much they are wider or narrower than standard', () => {
    const near = (over_mm: number) => expect.closeTo(over_mm, 6) as number;
    const parts = [gears('GS-1', 20.01), gears('GS-2', 22), gears('GS-3', 18.5)];
    expect(otherWidths(VELTRANE_T6, parts)).toEqual([
      { label: 'GS-2', over_mm: near(2) },
      { label: 'GS-3', over_mm: near(-1.5) },
    ]);
  });
  it('are not bodies, nor what nobody measured', () => {
    const body = shelfPart('HB-1', ['body'], { 'pocket-depth': 24 });
    const unread = shelfPart('GS-4', ['drive', 'driven'], {});
    expect(otherWidths(VELTRANE_T6, [body, unread])).toEqual([]);
  });
});
