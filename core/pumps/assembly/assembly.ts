import type { BuildKind, BuildStep } from './step';
import { sayFrom } from '../../wording/say';
import type { PumpKind } from '../registry';

/** Returns the steps of putting a pump of a family together, in their order. */
export type FamilyAssembly = (pump: PumpKind) => readonly BuildStep[];

const say = sayFrom({
  dryTrial: 'Dry trial, no seals: turn {parts} once round under the straightedge.',
  valve:
    '{valve}: the plunger drops in dry by its own weight. Spring, shims as counted, new washer.',
  stage1: '{how} All bolts finger-snug, then stage 1 crosswise.',
});

type More = Partial<Omit<BuildStep, 'id' | 'kind' | 'do' | 'parts'>>;

/**
 * Makes a step of putting a pump together.
 *
 * @param kind of step
 * @param id of the step
 * @param words the instruction
 * @param parts that it puts in, or renewals; empty where it puts in none
 * @param more what is otherwise than on a plain step
 * @example
 * buildStep('check', 'centre', 'Centre the halves.', []); // { id: 'centre', kind: 'check', after: [] }
 */
export const buildStep = (
  kind: BuildKind,
  id: string,
  words: string,
  parts: readonly string[] = [],
  more: More = {},
): BuildStep => ({
  id,
  kind,
  do: words,
  parts: [...parts],
  section: null,
  strip: '',
  with: '',
  caution: '',
  after: [],
  gaps: [],
  fastener: '',
  stages: [],
  ...more,
});

/** Says what goes on a part as it goes in. */
export const ON = {
  fluid: 'Oil it with the fluid that it will run in.',
  grease: 'Grease holds it. No sealant.',
  dry: 'Faces bone dry, no sealant.',
  seal: 'Grease the lip. Sealant on the outside only where the sheet asks for it.',
  ring: 'Grease it, and do not roll it in.',
} as const;

/** Says a caution that stands at more than one step of putting together. */
export const PRESS =
  'Press with a shield up, square: a cocked part breaks. Hands clear of the ram.';
export const EDGES =
  'Gear edges, vanes and bushings cut. No finger in the mesh or a port when it turns.';
export const SPRING = 'Springs fly. Glasses on, hold it with a tool, face aside.';
export const LEAK =
  'Never feel for a leak. Oil that gets in under the skin means hospital at once.';
const DRY_HOLES =
  'Oil in a blind bolt hole cracks an ear and fakes a torque: blow it dry, glasses on. Gloves for solvent.';

/** Says which share of the full torque is the first stage; the pump is spun by hand after it. */
export const FIRST_STAGE = 0.33;
const LATER_STAGES = [0.66, 1];

/** Returns the step that washes everything before the build. */
export const washAll = (parts: readonly string[]): BuildStep =>
  buildStep(
    'clean',
    'clean',
    'Wash all parts. Wire and blow galleries, drain and valve bores. Dry.',
    parts,
    {
      with: 'Nicks at the dowels stoned off. Blind bolt holes blown dry.',
      caution: DRY_HOLES,
    },
  );

/**
 * Returns the step that washes parts again after they were pressed, honed or drilled.
 *
 * @param id of the step
 * @param parts that are washed
 * @param after the step that made them dirty
 * @example
 * washAgain('clean-bushing', ['bushing'], 'bushing-size'); // { id: 'clean-bushing', kind: 'clean', after: ['bushing-size'] }
 */
export const washAgain = (id: string, parts: readonly string[], after: string): BuildStep =>
  buildStep('clean', id, 'Wash again what was pressed and sized. Grit comes late.', parts, {
    after: [after],
    caution: DRY_HOLES,
  });

/** Returns the trial without seals. */
export const dryTrial = (who: string): BuildStep =>
  buildStep('check', 'dry-trial', say('dryTrial', { parts: who }), [], {
    after: ['clean'],
    with: 'Bone dry. Nothing may touch or catch.',
    caution: EDGES,
  });

/** Returns the step that proves the way out of the oil behind a seal. */
export const proveDrain = (
  id: string,
  words: string,
  strip: string,
  after: readonly string[],
): BuildStep => buildStep('check', id, words, [], { strip, after: [...after] });

/** Returns the step that puts a seal in: after the dry trial, and when all clearances are in. */
export const sealIn = (
  words: string,
  parts: readonly string[],
  after: readonly string[],
  strip = 'seal',
): BuildStep =>
  buildStep('seal', 'seal', words, parts, {
    strip,
    with: ON.seal,
    after: [...after],
    caution: PRESS,
  });

/** Returns the step that puts a relief or regulator valve in. */
export const valveIn = (name: string, after: readonly string[] = ['clean']): BuildStep =>
  buildStep('place', 'valve', say('valve', { valve: name }), ['plunger', 'spring'], {
    strip: 'valve',
    after: [...after],
    with: 'Order and cup end as noted. The seat ring is narrow.',
    caution: SPRING,
  });

/** Holds what differs between the clampings of a pump. */
interface Clamp {
  /** Ends the ids: `-s2` for a further section. */
  readonly suffix?: string;
  readonly section?: number | null;
  readonly after: string;
  /** Says how this much of the pump is clamped. */
  readonly how: string;
}

/** Returns the clamping of a pump, or of a section of one: stage 1, spun by hand, full torque, spun again. */
export function clamped({ suffix = '', section = null, after, how }: Clamp): BuildStep[] {
  const at = (id: string) => `${id}${suffix}`;
  return [
    buildStep('fasten', at('fasten-1'), say('stage1', { how }), [], {
      section,
      after: [after],
      fastener: 'first',
      stages: [FIRST_STAGE],
      with: 'The parts close by hand before any bolt pulls. Each length in its hole. No impact tool.',
    }),
    buildStep('spin', at('spin-1'), 'Spin it by hand at stage 1: one whole turn, both ways.', [], {
      section,
      after: [at('fasten-1')],
      caution: EDGES,
    }),
    buildStep(
      'fasten',
      at('fasten-2'),
      'Two thirds, then full torque, crosswise. Last a round in ring order.',
      [],
      {
        section,
        after: [at('spin-1')],
        fastener: 'first',
        stages: LATER_STAGES,
        with: 'A bolt that turns without rising comes out: then the whole stage again.',
      },
    ),
    buildStep(
      'spin',
      at('spin-2'),
      'Spin it by hand at full torque: one whole turn, both ways.',
      [],
      {
        section,
        after: [at('fasten-2')],
        caution: EDGES,
      },
    ),
  ];
}

/** Returns the step that tightens what a sheet lists beside the bolts of the pump itself. */
export const fastenOther = (after: string): BuildStep =>
  buildStep('fasten', 'fasten', 'Draw it up crosswise by stages.', [], {
    after: [after],
    fastener: 'other',
    stages: [FIRST_STAGE, ...LATER_STAGES],
  });

/** Returns the last steps of any pump: its label, filling, and the first start. */
export const handedOver = (after: string, fill: string): BuildStep[] => [
  buildStep('label', 'label', 'Put the label on the pump.', [], {
    after: [after],
    with: 'One piece over on the bench, or one missing: find where it goes first.',
  }),
  buildStep('watch', 'fill', fill, [], {
    after: [after],
    with: 'Turn it by hand until oil comes.',
  }),
  buildStep('watch', 'first-start', 'First start in short bursts, no load. No prime: stop.', [], {
    after: ['fill'],
    caution: LEAK,
  }),
];
