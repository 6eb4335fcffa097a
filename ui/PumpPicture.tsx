import { useMemo, type ReactNode } from 'react';
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
  /** Draws over it, in mm, given half its side. */
  readonly over?: (extent_mm: number) => ReactNode;
  /** Said of it; whence it is seen where it is left out. */
  readonly describe?: string;
}

/** The pump of a sheet as it lies open on the bench, with nothing to do on it. */
export function PumpPicture({ sheet, size, tilt = null, worked = [], over, describe }: Props) {
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
      over={over?.(outline.extent_mm)}
      describe={describe ?? say('ui.fromGearSide', { model })}
    />
  );
}
