import { FLOORS, type Floors } from '../pumps/floors';
import { exact, millimetres } from '../schema/fields';

/** Holds the least running clearance of each kind as a shop has it, in mm; a job keeps a copy. */
export const floors = exact(
  Object.fromEntries(
    FLOORS.map(({ id }) => [
      id,
      millimetres().required().max(0.5, 'Over 0.5 mm: no running clearance has to be so wide'),
    ]),
  ),
);

export type { Floors };
