import { Path, Svg } from 'react-native-svg';
import paths from './paths.json';

export type IconName = keyof typeof paths;

interface Props {
  readonly name: string;
  readonly size?: number;
  readonly color?: string;
}

/** One of the few icons that ship with the app; what it means is said by the label of what it stands on. */
export default function Icon({ name, size = 24, color = 'currentColor' }: Props) {
  const d = (paths as Record<string, string>)[name];
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      {d ? <Path d={d} fill={color} /> : null}
    </Svg>
  );
}
