import { GRINDER, here, HONE, operation, LATHE, MILL, type Operation } from './operation';

/** Gears and rotors of which all faces are ground in one setting. */
const WIDTHS = ['drive-width', 'driven-width', 'idler-width', 'inner-width', 'outer-width'];
const VANE_WIDTHS = ['rotor-width', 'vane-width', 'slide-width'];

/** Lists what takes metal off, or a surface true. */
export const CUTTING: readonly Operation[] = [
  operation(
    'deck-faced',
    'face the deck',
    'Face the deck',
    here(40, {
      ...{ least_mm: 0.005, most_mm: 0.2, caution: LATHE },
      tool: 'Lathe, chucked on the hub bore; or surface grinder',
      check: 'Before the first cut, dial on the deck: under 0.01 mm (4 tenths) of runout.',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'faced', sizes: ['pocket-depth'] }],
      surfaces: ['deck'],
      along: ['dowels'],
    },
  ),
  operation(
    'pocket-sunk',
    'sink the pocket',
    'Sink the pocket',
    here(70, {
      ...{ least_mm: 0.005, most_mm: 0.15, caution: MILL },
      tool: 'Mill, with an offset tool where a crescent stands in the way',
      check: 'Depth mic at four places after each cut: the floor stays flat.',
    }),
    {
      decision: 'machine',
      cuts: [
        { work: 'sunk', sizes: ['pocket-depth'] },
        { work: 'ground', sizes: ['outer-face'] },
      ],
      surfaces: ['floor'],
    },
  ),
  operation(
    'body-ground',
    'grind the body to width',
    'Grind the body',
    here(35, {
      ...{ least_mm: 0.005, most_mm: 0.15, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Outside mic over the body at four places: parallel within 0.005 mm (2 tenths).',
    }),
    { decision: 'machine', cuts: [{ work: 'ground', sizes: ['body-width'] }], along: ['dowels'] },
  ),
  operation(
    'gears-ground',
    'grind to width together',
    'Grind the gears together',
    here(45, {
      ...{ least_mm: 0.005, most_mm: 0.1, caution: GRINDER, tool: 'Surface grinder, one setting' },
      check: 'Outside mic over every gear: all the same within 0.003 mm (1 tenth).',
    }),
    {
      ...{ decision: 'machine', per: 'section' },
      cuts: [{ work: 'ground', sizes: [...WIDTHS, ...VANE_WIDTHS] }],
      surfaces: [
        'drive-face',
        'driven-face',
        'inner-face',
        'outer-face',
        'rotor-face',
        'slide-face',
      ],
    },
  ),
  operation(
    'cover-ground',
    'grind flat',
    'Grind the cover flat',
    here(25, {
      ...{ least_mm: 0.005, most_mm: 0.25, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Straightedge over the wear mark: no leaf goes under.',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'ground', sizes: ['track-depth', 'face-depth'] }],
      surfaces: ['cover-track', 'covers', 'plates'],
      along: ['dowels'],
    },
  ),
  operation(
    'plate-ground',
    'grind flat',
    'Grind the plate flat',
    here(20, {
      ...{ least_mm: 0.005, most_mm: 0.15, caution: GRINDER },
      tool: 'Surface grinder. Never by hand on loose paper',
      check: 'Outside mic over the plate at four places: parallel within 0.005 mm (2 tenths).',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'ground', sizes: ['plate-track', 'plate-face'] }],
      surfaces: ['plate-'],
    },
  ),
  operation(
    'gasket-face-ground',
    'grind the gasket side flat',
    'Grind the gasket side flat',
    here(20, {
      ...{ least_mm: 0.005, most_mm: 0.3, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Straightedge both ways: no leaf goes under, and the nail finds no pit.',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'ground', sizes: ['gasket-face'] }],
      surfaces: ['gasket-face'],
    },
  ),
  operation(
    'block-ground',
    'grind the face',
    'Grind the bushing block',
    here(25, {
      ...{ least_mm: 0.005, most_mm: 0.1, caution: GRINDER, tool: 'Surface grinder' },
      check: 'Outside mic over both blocks: the same length within 0.005 mm (2 tenths).',
    }),
    {
      decision: 'machine',
      cuts: [{ work: 'ground', sizes: ['block-length'] }],
      surfaces: ['block-'],
    },
  ),
  operation(
    'face-lapped',
    'lap by hand',
    'Lap the face',
    here(20, {
      ...{ least_mm: 0.001, most_mm: 0.01 },
      tool: 'Abrasive paper on a true flat: coarse, then fine, figure of eight',
      check: 'Measure after every ten strokes. Turn the part each time.',
      caution: 'Edges cut. Rinse all abrasive out before assembly.',
    }),
    {
      decision: 'dress',
      cuts: [
        { work: 'dressed', sizes: ['plate-track', 'plate-face', 'track-depth', 'face-depth'] },
      ],
      house: 'lapping',
    },
  ),
  operation(
    'bushing-honed',
    'hone',
    'Hone the bushing',
    here(20, {
      ...{ least_mm: 0.002, most_mm: 0.05, caution: HONE, tool: 'Three-leg hone, 400 grit, oil' },
      check: 'Clean it, slip the hub on, turn it, rock it. Then the next 0.005 mm (2 tenths).',
    }),
    {
      ...{ decision: 'machine', per: 'size' },
      cuts: [{ work: 'honed', sizes: ['bushing-bore', 'stator-bore'] }],
    },
  ),
  operation(
    'seal-track-polished',
    'polish under the seals',
    'Polish the shaft under its seals',
    here(15, {
      ...{ least_mm: 0.001, most_mm: 0.03, caution: LATHE, tool: 'Lathe, 600 grit strip, oil' },
      check: 'The nail finds nothing, and no lead runs along the shaft.',
    }),
    {
      decision: 'dress',
      cuts: [{ work: 'dressed', sizes: ['seal-track'] }],
      surfaces: ['seal-track'],
    },
  ),
  operation(
    'shaft-polished',
    'polish in the lathe',
    'Polish the shaft',
    here(15, {
      ...{ least_mm: 0.001, most_mm: 0.02, caution: LATHE, tool: 'Lathe, 600 grit strip, oil' },
      check: 'Outside mic at two places, 90° apart, after every pass.',
    }),
    {
      ...{ decision: 'dress', per: 'size' },
      cuts: [
        {
          work: 'dressed',
          sizes: ['hub-diameter', 'stator-journal', 'journal-', 'shaft-diameter', 'pivot-pin'],
        },
      ],
      surfaces: ['hub', 'shaft', 'journals'],
    },
  ),
];
