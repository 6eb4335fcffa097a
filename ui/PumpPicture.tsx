import { useMemo } from 'react';
import type { ShapeRole } from '@/core/pumps/family';
import { familyOf } from '@/core/pumps/registry';
import type { Sheet } from '@/core/records/sheet';
import { PumpDrawing } from './PumpDrawing';
import type { DrawnTilt } from './TiltArrow';
import { say } from '@/core/wording/say';

interface Props {
  readonly sheet: Pick<Sheet, 'family' | 'geometry' | 'model'> & Partial<Pick<Sheet, 'examples'>>;
  readonly size: number;
  readonly tilt?: DrawnTilt | null;
  /** What is worked on: in blue. */
  readonly worked?: readonly ShapeRole[];
}

/** The pump of a sheet as it lies open on the bench, with nothing to do on it. */
export function PumpPicture({ sheet, size, tilt = null, worked = [] }: Props) {
  const { family, geometry, model, examples = [] } = sheet;
  // A floor is seen with the gears out.
  const view = tilt ? 'empty' : 'body';
  const outline = useMemo(
    () => familyOf(family).outline(geometry, { view }),
    [family, geometry, view],
  );
  return (
    <PumpDrawing
      outline={outline}
      placement={null}
      stations={[]}
      label=""
      tilt={tilt}
      worked={worked}
      size={size}
      example={examples.length > 0}
      describe={say('ui.fromGearSide', { model })}
    />
  );
}
