import { GRINDER, here, HONE, operation, LATHE, MILL, type Operation } from './operation';

/** Lists what takes metal off, or a surface true. */
export const CUTTING: readonly Operation[] = [
  operation(
    'deck-faced',
    'face the deck',
    'Face the deck',
    here(40, {
      setup: 20,
      ...{ least_mm: 0.005, most_mm: 0.4, caution: LATHE },
      tool: 'Lathe, chucked on the hub bore; or surface grinder',
      check: 'Before the first cut, dial on the deck: under 0.01 mm (4 tenths) of runout.',
    }),
    {
      decision: 'machine',
      remedy: 'face-deck',
      amountSaid: 'rework.cut.deck-faced',
      along: ['dowels'],
    },
  ),
  operation(
    'pocket-sunk',
    'sink the pocket',
    'Sink the pocket',
    here(70, {
      setup: 30,
      ...{ least_mm: 0.005, most_mm: 0.4, caution: MILL },
      tool: 'Mill, with an offset tool where a crescent stands in the way',
      check: 'Depth mic at four places after each cut: the floor stays flat.',
    }),
    {
      decision: 'machine',
      remedy: 'sink-pocket',
      amountSaid: 'rework.cut.pocket-sunk',
    },
  ),
  operation(
    'body-ground',
    'grind the body to width',
    'Grind the body',
    here(35, {
      setup: 15,
      ...{ least_mm: 0.005, most_mm: 0.15, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Outside mic over the body at four places: parallel within 0.005 mm (2 tenths).',
    }),
    {
      decision: 'machine',
      remedy: 'grind-body',
      amountSaid: 'rework.cut.body-ground',
      along: ['dowels'],
    },
  ),
  operation(
    'gears-ground',
    'grind to width together',
    'Grind the gears together',
    here(45, {
      setup: 20,
      ...{ least_mm: 0.005, most_mm: 0.1, caution: GRINDER, tool: 'Surface grinder, one setting' },
      check: 'Outside mic over every gear: all the same within 0.003 mm (1 tenth).',
    }),
    {
      ...{ decision: 'machine', per: 'section' },
      remedy: 'grind-widths',
      amountSaid: 'rework.cut.gears-ground',
    },
  ),
  operation(
    'cover-ground',
    'grind flat',
    'Grind the cover flat',
    here(25, {
      setup: 10,
      ...{ least_mm: 0.005, most_mm: 0.25, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Straightedge over the wear mark: no leaf goes under.',
    }),
    {
      decision: 'machine',
      remedy: 'grind-cover',
      along: ['dowels'],
    },
  ),
  operation(
    'plate-ground',
    'grind flat',
    'Grind the plate flat',
    here(20, {
      setup: 10,
      ...{ least_mm: 0.005, most_mm: 0.15, caution: GRINDER },
      tool: 'Surface grinder. Never by hand on loose paper',
      check: 'Outside mic over the plate at four places: parallel within 0.005 mm (2 tenths).',
    }),
    {
      decision: 'machine',
      remedy: 'grind-plate',
    },
  ),
  operation(
    'gasket-face-ground',
    'grind the gasket side flat',
    'Grind the gasket side flat',
    here(20, {
      setup: 10,
      ...{ least_mm: 0.005, most_mm: 0.3, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Straightedge both ways: no leaf goes under, and the nail finds no pit.',
    }),
    {
      decision: 'machine',
      remedy: 'grind-gasket-side',
    },
  ),
  operation(
    'block-ground',
    'grind the face',
    'Grind the bushing block',
    here(25, {
      setup: 10,
      ...{ least_mm: 0.005, most_mm: 0.1, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Outside mic over both blocks: the same length within 0.005 mm (2 tenths).',
    }),
    {
      decision: 'machine',
      remedy: 'grind-block',
      amountSaid: 'rework.cut.block-ground',
    },
  ),
  operation(
    'face-lapped',
    'lap by hand',
    'Lap the face',
    here(20, {
      setup: 5,
      ...{ least_mm: 0.001, most_mm: 0.01 },
      tool: 'Abrasive paper on a true flat: coarse, then fine, figure of eight',
      check: 'Measure after every ten strokes. Turn the part each time.',
      caution: 'Edges cut. Rinse all abrasive out before assembly.',
    }),
    {
      ...{ decision: 'dress', fine: true },
      remedy: 'lap',
      house: 'lapping',
    },
  ),
  operation(
    'bushing-honed',
    'hone',
    'Hone the bushing',
    here(20, {
      setup: 8,
      ...{ least_mm: 0.002, most_mm: 0.05, caution: HONE, tool: 'Three-leg hone, 400 grit, oil' },
      check: 'Clean it, slip the hub on, turn it, rock it. Then the next 0.005 mm (2 tenths).',
    }),
    {
      ...{ decision: 'machine', per: 'size', sizes: true, fine: true },
      remedy: 'hone-bushing',
      amountSaid: 'rework.cut.bushing-honed',
    },
  ),
  operation(
    'seal-track-polished',
    'polish under the seals',
    'Polish the shaft under its seals',
    here(15, {
      setup: 5,
      ...{ least_mm: 0.001, most_mm: 0.03, caution: LATHE, tool: 'Lathe, 600 grit strip, oil' },
      check: 'The nail finds nothing, and no lead runs along the shaft.',
    }),
    {
      ...{ decision: 'dress', fine: true },
      remedy: 'polish-seal-track',
    },
  ),
  operation(
    'shaft-polished',
    'polish in the lathe',
    'Polish the shaft',
    here(15, {
      setup: 5,
      ...{ least_mm: 0.001, most_mm: 0.02, caution: LATHE, tool: 'Lathe, 600 grit strip, oil' },
      check: 'Outside mic at two places, 90° apart, after every pass.',
    }),
    {
      ...{ decision: 'dress', per: 'size', fine: true },
      remedy: 'polish-journal',
      amountSaid: 'rework.cut.shaft-polished',
    },
  ),
];
