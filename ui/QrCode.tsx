import { create } from 'qrcode';
import { useMemo } from 'react';
import { Path, Rect, Svg } from 'react-native-svg';
import { say } from '@/core/wording/say';

/** Quiet modules that a reader needs round a code (ISO/IEC 18004). */
const QUIET = 4;

/** A text as a QR code, always dark on white: a reader does not know of dark themes. */
export function QrCode({ text, size }: { readonly text: string; readonly size: number }) {
  const { path, side } = useMemo(() => {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const dark = Array.from(modules.data, (bit, i) =>
      bit ? `M${(i % modules.size) + QUIET} ${Math.floor(i / modules.size) + QUIET}h1v1h-1z` : '',
    );
    return { path: dark.join(''), side: modules.size + 2 * QUIET };
  }, [text]);
  return (
    <Svg
      width={size}
      height={size}
      viewBox={`0 0 ${side} ${side}`}
      role="img"
      aria-label={say('ui.qrCode', { text })}
    >
      <Rect width={side} height={side} fill="#FFFFFF" />
      <Path d={path} fill="#000000" />
    </Svg>
  );
}
