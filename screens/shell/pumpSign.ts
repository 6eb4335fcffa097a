import { familyOf, type PumpKind } from '@/core/pumps/registry';
import { SHAPE_INK } from '@/core/picture/shapeInk';
import type { Palette } from '@/ui/theme';

/** Room round the pump, and how wide its lines are, as shares of its size. */
const ROOM = 1.04;
const LINE = 0.022;

/** Signs of a coordinate that a small picture needs. */
const SIGNS = 3;

const short = (path: string): string =>
  path.replace(/-?\d+\.\d+/g, (figure) => String(Number(Number(figure).toPrecision(SIGNS))));

/** Writes an element of a drawing. */
function element(name: string, attributes: Readonly<Record<string, string>>, inside = ''): string {
  const pairs = Object.entries(attributes).map(([key, value]) => `${key}="${value}"`);
  return `<${[name, ...pairs].join(' ')}>${inside}</${name}>`;
}

/** Returns the open pump as a small picture, as the address of an image: by it a pump is known at a glance. */
export function signOf({ family, geometry }: PumpKind, palette: Palette): string {
  const { shapes, extent_mm } = familyOf(family).outline(geometry, { view: 'body' });
  const half = extent_mm * ROOM;
  const paths = shapes.map(({ role, path }) =>
    element('path', { d: short(path), fill: palette[SHAPE_INK[role]], 'fill-rule': 'evenodd' }),
  );
  const drawn = element(
    'g',
    { stroke: palette.muted, 'stroke-width': `${extent_mm * LINE}`, 'stroke-linejoin': 'round' },
    paths.join(''),
  );
  const viewBox = [-half, -half, 2 * half, 2 * half].join(' ');
  const svg = element('svg', { xmlns: 'http://www.w3.org/2000/svg', viewBox }, drawn);
  return `data:image/svg+xml,${encodeURIComponent(svg)}`;
}
