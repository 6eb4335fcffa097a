import { useMemo } from 'react';
import { Path } from 'react-native-svg';
import type { JobPath } from '@/core/flow/answer';
import { flowOf } from '@/core/pumps/flows';
import { characteristicOf } from '@/core/pumps/registry';
import type { Course } from '@/core/pumps/flow.course';
import type { Point } from '@/core/pumps/shapes';
import type { Sheet } from '@/core/records/sheet';
import { sayFlow } from '@/core/wording/sayFlow';
import { PumpPicture } from '@/ui/PumpPicture';
import { usePalette } from '@/ui/theme';

interface Props {
  readonly sheet: Sheet;
  readonly paths: readonly JobPath[];
  readonly size: number;
}

/** The widest and the thinnest arrow, per half the drawing's side. */
const WIDTH = { most: 0.13, least: 0.016 } as const;

/** A path with a smaller share is not drawn. */
const DRAWN_FROM = 0.01;

/** The pump of a job with what leaks: an arrow along each path, as wide as its share. */
export function LeakMap({ sheet, paths, size }: Props) {
  const { family, geometry, model } = sheet;
  const courses = useMemo(() => flowOf(family).courses(geometry), [family, geometry]);
  // Of a stack all sections leak alike: each path is drawn once, as wide as all its sections together.
  const shares = new Map<string, number>();
  for (const { characteristic, share } of paths) {
    const { first } = characteristicOf(sheet, characteristic);
    shares.set(first, (shares.get(first) ?? 0) + share);
  }
  const drawn = [...shares].filter(([, share]) => share >= DRAWN_FROM);
  return (
    <PumpPicture
      sheet={sheet}
      size={size}
      describe={sayFlow('flow.map', { model })}
      over={(half) =>
        drawn.flatMap(([first, share]) =>
          (courses[first] ?? []).map((course, i) => (
            <Arrow
              key={[first, i].join('-')}
              course={course}
              width={half * Math.max(WIDTH.least, WIDTH.most * share)}
              half={half}
            />
          )),
        )
      }
    />
  );
}

interface ArrowProps {
  readonly course: Course;
  readonly width: number;
  readonly half: number;
}

const line = (points: readonly Point[]): string =>
  points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(3)} ${y.toFixed(3)}`).join('');

/** An arrow along the way of a leak, its head at the inlet. */
function Arrow({ course, width: wanted, half }: ArrowProps) {
  const { brass, paper } = usePalette();
  const tip = course.at(-1);
  const before = course.at(-2);
  if (!tip || !before) return null;
  const [dx, dy] = [tip.x - before.x, tip.y - before.y];
  const length = Math.hypot(dx, dy) || 1;
  const along = { x: dx / length, y: dy / length };
  // On a short way the arrow is no wider than lets it be seen as one.
  const way = lengthOf(course);
  const width = Math.min(wanted, WIDE_FOR * way);
  const head = Math.min(Math.max(width * 1.2, half * 0.05), 0.6 * way);
  const side = Math.max(width, half * 0.03);
  const at = (ahead: number, aside: number): Point => ({
    x: tip.x + along.x * ahead - along.y * aside,
    y: tip.y + along.y * ahead + along.x * aside,
  });
  const triangle = `${line([at(-head, side), at(0, 0), at(-head, -side)])}Z`;
  const shaft = line(shortened(course, head * 0.9));
  return (
    <>
      <Path d={shaft} fill="none" stroke={paper} strokeWidth={width + half * 0.014} />
      <Path d={triangle} fill={brass} stroke={paper} strokeWidth={half * 0.014} />
      <Path d={shaft} fill="none" stroke={brass} strokeWidth={width} />
      <Path d={triangle} fill={brass} />
    </>
  );
}

/** Widest arrow for the length of its way. */
const WIDE_FOR = 0.45;

const between = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);

const lengthOf = (course: Course): number =>
  course.slice(1).reduce((sum, point, i) => sum + between(course[i] ?? point, point), 0);

/** Returns a course that ends so much sooner: its head stands there. */
function shortened(course: Course, by: number): Course {
  let left = lengthOf(course) - by;
  const kept: Point[] = course.slice(0, 1);
  for (const [i, to] of course.slice(1).entries()) {
    const from = course[i] ?? to;
    const step = between(from, to);
    if (step >= left) {
      const share = step === 0 ? 0 : left / step;
      return [
        ...kept,
        { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) },
      ];
    }
    kept.push(to);
    left -= step;
  }
  return kept;
}
