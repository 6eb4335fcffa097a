/** Describes what a surface does in a pump: what can go wrong with it, and what follows, go by this. */
export const SURFACE_KINDS = [
  'face',
  'wall',
  'crescent',
  'teeth',
  'rim',
  'journal',
  'bearing',
  'drive',
  'vane',
  'slot',
  'valve',
  'spring',
  'land',
  'casting',
  'seat',
  'washer',
  'seal-track',
] as const;
export type SurfaceKind = (typeof SURFACE_KINDS)[number];

/** Something that can be wrong with a surface. */
export interface Defect<Id extends string = string> {
  readonly id: Id;
  readonly name: string;
  /** Says what the eye or the nail meets. */
  readonly looks: string;
  readonly on: readonly SurfaceKind[];
  /** Tells whether the fingernail shows how bad it is. */
  readonly nail: boolean;
}

const defect = <Id extends string>(
  id: Id,
  name: string,
  looks: string,
  on: readonly SurfaceKind[],
  nail = false,
): Defect<Id> => ({ id, name, looks, on, nail });

const RUNNING = ['face', 'wall', 'crescent', 'teeth', 'rim', 'journal', 'bearing', 'vane'] as const;

/** Every defect that has a name here, the common ones first. */
export const DEFECTS = [
  defect(
    'scored',
    'Scored',
    'grooves in the direction of rotation',
    [...RUNNING, 'valve', 'land', 'seat', 'washer', 'seal-track'],
    true,
  ),
  defect(
    'pitted',
    'Pitted',
    'small holes eaten out',
    ['face', 'wall', 'teeth', 'journal', 'seal-track'],
    true,
  ),
  defect(
    'worn-through',
    'Worn through',
    'coating or bronze gone to the metal below',
    ['face', 'wall', 'rim', 'bearing', 'washer'],
    true,
  ),
  defect('ridge', 'Ridge', 'a step beside the wear mark', ['face', 'wall'], true),
  defect('walked-in', 'Cut in', 'teeth or tips have cut into it', ['crescent', 'wall']),
  defect('polished', 'Polished', 'bright where it has rubbed', ['crescent', 'wall', 'teeth']),
  defect('mushroomed', 'Mushroomed', 'driving edges rolled over', ['drive']),
  defect('gouged', 'Gouged', 'a bite out of it', ['drive', 'casting', 'face'], true),
  defect('twisted', 'Twisted', 'splines or flats out of line', ['drive']),
  defect('blued', 'Heat blue', 'blue or straw from heat', ['journal', 'bearing', 'teeth', 'face']),
  defect('turned', 'Spun', 'it has spun in its bore', ['bearing']),
  defect('rough', 'Rough', 'turned by hand, it grates or catches', ['bearing']),
  defect('seized', 'Seized', 'does not turn, or picked up metal', ['bearing', 'washer']),
  defect('seat-worn', 'Seat worn', 'a ring beaten into it, wider than it was', ['seat'], true),
  defect('chipped', 'Chipped', 'an edge or a tip broken off', ['teeth', 'vane', 'slot', 'rim']),
  defect(
    'stepped',
    'Stepped',
    'a ledge worn by the ring or the lip',
    ['land', 'slot', 'seal-track'],
    true,
  ),
  defect('stuck', 'Sticks', 'does not slide by its own weight', ['valve', 'slot', 'vane']),
  defect('broken', 'Broken or sagged', 'broken, bent or shorter than it was', ['spring', 'valve']),
  defect('nicked', 'Nicked', 'a raised edge, usually at a dowel', ['face', 'casting', 'land']),
  defect(
    'rusted',
    'Rusted',
    'brown, or black spots under it',
    [...RUNNING, 'spring', 'land', 'seal-track'],
    true,
  ),
  defect('porous', 'Porous', 'open pores in the casting', ['casting', 'face'], true),
  defect('cracked', 'Cracked', 'a line that bleeds solvent', [
    'face',
    'washer',
    'casting',
    'crescent',
    'teeth',
    'rim',
    'drive',
    'vane',
    'journal',
  ]),
] as const;
export type DefectId = (typeof DEFECTS)[number]['id'];

export const DEFECT_IDS: readonly DefectId[] = DEFECTS.map((d) => d.id);

/**
 * Returns what can be wrong with a surface of this kind.
 *
 * @param kind of surface
 * @example
 * defectsOf('spring').every((defect) => defect.on.includes('spring')); // true
 */
export function defectsOf(kind: SurfaceKind): readonly Defect<DefectId>[] {
  return DEFECTS.filter((d) => d.on.includes(kind));
}

/**
 * Tells whether the fingernail shows how bad a defect is on a surface of this kind: a spring is only looked along.
 *
 * @param id of the defect
 * @param kind of surface
 * @example
 * nailTells('scored', 'face'); // true
 * nailTells('scored', 'spring'); // false
 */
export const nailTells = (id: DefectId, kind: SurfaceKind): boolean =>
  kind !== 'spring' && defectOf(id).nail;

/**
 * Returns a defect by its id: its name, how it looks, and where it occurs.
 *
 * @param id of the defect
 * @example
 * defectOf('scored').id; // 'scored'
 */
export function defectOf(id: DefectId): Defect<DefectId> {
  // The list holds every id of the type.
  return DEFECTS.find((d) => d.id === id) as Defect<DefectId>;
}
