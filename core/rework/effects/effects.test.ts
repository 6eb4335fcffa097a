import { carryOut } from '../../commands/deciding';
import { Evaluator } from '../../guidance/evaluator';
import { centre } from '../../metrology/estimate';
import { NEW_SHOP } from '../../records/shop';
import { AT, freshId } from '../../testing/readings';
import { SHEETS } from '../../testing/sheets';
import { measuredJob } from '../../testing/worked';
import { reworkCase } from '../decision/case';

const AMOUNT_mm = 0.02;

describe('what an operation does to a gap', () => {
  // Two ways to one figure: what the plan counts on, and what the journal makes of the work once it is done.
  it.each(SHEETS.map((s, i) => [s.model, s, i] as const))(
    '%s: is what the journal predicts once it was carried out',
    (_, sheet, i) => {
      const job = measuredJob(sheet, 0.9, 7 + i);
      const rework = reworkCase(job, new Evaluator().state(job), NEW_SHOP);
      const moved = rework.offers
        .filter(({ terms }) => terms.most_mm !== null)
        .flatMap((offer) => {
          const made = { id: freshId(), at: AT, by: '', voided: null };
          const cut = carryOut(offer, null, AMOUNT_mm, 0)(job, made);
          const after = new Evaluator().state(cut).characteristics;
          return rework.watched.flatMap(({ assessment: was, effects }) => {
            const { low, high } = effects.get(offer.id)!;
            const is = after.find((a) => a.characteristic.id === was.characteristic.id)?.predicted;
            // Sums are of parts that are compared themselves; what is cut true goes to nothing at once.
            const isLinear = low.once_mm === 0 && high.once_mm === 0 && was.parts.length === 0;
            if (!is || !was.smallest || !was.largest || !isLinear) return [];
            return [
              {
                what: `${offer.id} ${was.characteristic.id}`,
                planned: [low.perMm * AMOUNT_mm, high.perMm * AMOUNT_mm],
                predicted: [
                  centre(is.smallest) - centre(was.smallest),
                  centre(is.largest) - centre(was.largest),
                ],
              },
            ];
          });
        });
      expect(moved.length).toBeGreaterThan(0);
      const close = (ends: readonly number[]) => ends.map((mm) => expect.closeTo(mm, 6) as number);
      expect(moved.map(({ what, predicted }) => [what, predicted])).toEqual(
        moved.map(({ what, planned }) => [what, close(planned)]),
      );
    },
  );
});
