import { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from './theme';

/** The tilt of a floor as it is drawn. */
export interface DrawnTilt {
  /** Towards the deep side; the drawing's x axis is 0, and it turns towards 6. */
  readonly direction_deg: number;
  readonly label: string;
}

/** Lines of equal depth, and an arrow to the deep side with how much. */
export function TiltArrow({ tilt, half }: { readonly tilt: DrawnTilt; readonly half: number }) {
  const { brass } = usePalette();
  const turn = (tilt.direction_deg * Math.PI) / 180;
  const [ux, uy] = [Math.cos(turn), Math.sin(turn)];
  const at = (along: number, aside: number) => ({
    x: (ux * along - uy * aside) * half,
    y: (uy * along + ux * aside) * half,
  });
  const levels = [-0.45, -0.25, -0.05, 0.15, 0.35].map((along) => {
    const reach = Math.sqrt(0.36 - along * along);
    return [at(along, -reach), at(along, reach)] as const;
  });
  const [tail, tip, left, right] = [at(-0.5, 0), at(0.62, 0), at(0.48, -0.08), at(0.48, 0.08)];
  const words = at(0.22, 0.3);
  return (
    <G>
      {levels.map(([a, b], i) => (
        <Line
          key={i}
          x1={a.x}
          y1={a.y}
          x2={b.x}
          y2={b.y}
          stroke={brass}
          strokeWidth={0.008 * half}
          opacity={0.6}
        />
      ))}
      <Line
        x1={tail.x}
        y1={tail.y}
        x2={tip.x}
        y2={tip.y}
        stroke={brass}
        strokeWidth={0.035 * half}
      />
      <Path d={`M${tip.x} ${tip.y}L${left.x} ${left.y}L${right.x} ${right.y}Z`} fill={brass} />
      <SvgText
        x={words.x}
        y={words.y}
        fill={brass}
        fontFamily={FONT}
        fontWeight="600"
        fontSize={0.14 * half}
        textAnchor="middle"
      >
        {tilt.label}
      </SvgText>
    </G>
  );
}
