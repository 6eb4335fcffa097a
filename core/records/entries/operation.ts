import { array, string } from 'yup';
import { WORKS } from '../../pumps/family';
import type { DimensionId, PartId } from '../../pumps/ids';
import { familyOf } from '../../pumps/registry';
import { exact, finite, idOf, identifier, line, millimetres, note } from '../../schema/fields';
import { say } from '../../wording/say';
import { fittedPart } from '../part';
import { entryKind, entrySchema, type Standing } from './slice';

/** One size that an operation moved, by how much ± how much; null where nobody said. */
const sizeChange = exact({
  dimension: idOf<DimensionId>(),
  by_mm: finite()
    .min(-50, 'Over 50 mm of metal')
    .max(50, 'Over 50 mm of metal')
    .nullable()
    .defined(),
  /** Standard uncertainty of that amount. */
  u_mm: millimetres().required(),
});

/**
 * Something that was done to a part: the sizes that it moved, or the part that it exchanged.
 * Their earlier readings belong to the past from then on; nothing is voided.
 */
export const operation = entryKind({
  kind: 'operation',
  schema: entrySchema('operation', {
    part: idOf<PartId>(),
    work: string().oneOf(WORKS).required(),
    changes: array(sizeChange).required().max(20),
    /** The step of a plan that it carried out; null where it was none. */
    step: identifier().nullable().defined(),
    /** The part from the shelf that was put in; null where it came from elsewhere, or nothing was put in. */
    piece: fittedPart.nullable().defined(),
    /** Names the maker of the part that was put in, as the shop calls it; empty where nobody said, or nothing was put in. */
    make: line().defined(),
    remark: note().defined(),
  }),
  is: { list: 'operations', tells: 'pump', undo: 'measure' },
  stray: ({ part, changes }, pump, sheet) => {
    const { name } = familyOf(sheet.family);
    if (!pump.parts.some((p) => p.id === part))
      return ['.part', say('records.noPart', { pump: name })];
    const known = (id: string) => [...pump.dimensions, ...pump.features].some((d) => d.id === id);
    const stray = (changes ?? []).findIndex((c) => !known(c.dimension));
    return stray < 0
      ? null
      : [`.changes[${stray}].dimension`, say('records.noSize', { pump: name })];
  },
});

export type WorkEntry = Standing<typeof operation>;
export type SizeChange = WorkEntry['changes'][number];
