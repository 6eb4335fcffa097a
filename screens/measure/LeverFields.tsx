import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { tried } from '@/core/errors';
import { formatLength, unitName } from '@/core/quantity/format';
import { parseNumber, parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

/** How the lever lay, as it goes with a reading. */
interface Held {
  readonly lever_deg: number;
  readonly contactRadius_mm: number | null;
}

export interface Lever {
  readonly angle: string;
  readonly radius: string;
  readonly pitchRadius_mm: number | null;
  readonly setAngle: (text: string) => void;
  readonly setRadius: (text: string) => void;
  readonly read: () => { ok: true; lever: Held } | { ok: false; message: string };
}

/** The lever's angle and the stylus' radius: they stay from reading to reading, as the set-up does. */
export function useLever(pitchRadius_mm: number | null, unit: ShopUnit): Lever {
  const [angle, setAngle] = useState('');
  const [radius, setRadius] = useState('');
  const read: Lever['read'] = () => {
    const lever_deg = parseNumber(angle) ?? 0;
    if (!(lever_deg >= 0 && lever_deg <= 80))
      return { ok: false, message: 'Lever angle must be 0–80°.' };
    if (pitchRadius_mm === null || radius.trim() === '')
      return { ok: true, lever: { lever_deg, contactRadius_mm: null } };
    const contact = tried(() => parseReading(radius, 'size', bareUnit('size', unit)).mm);
    if (!contact.ok) {
      return { ok: false, message: sayMeasure('measure.radiusWrong', { error: contact.message }) };
    }
    if (contact.value <= 0) return { ok: false, message: 'Radius must be above 0.' };
    return { ok: true, lever: { lever_deg, contactRadius_mm: contact.value } };
  };
  return { angle, radius, pitchRadius_mm, setAngle, setRadius, read };
}

/** What turns an indicator's reading into a true swing; empty is straight on, at the pitch circle. */
export function LeverFields({ lever, unit }: { readonly lever: Lever; readonly unit: ShopUnit }) {
  const { pitchRadius_mm } = lever;
  return (
    <View style={layout.row}>
      <TextInput
        mode="outlined"
        dense
        label="Lever angle, °"
        aria-label="Lever angle in degrees"
        value={lever.angle}
        onChangeText={lever.setAngle}
        inputMode="decimal"
        placeholder="0"
        style={layout.grow}
      />
      {pitchRadius_mm === null ? null : (
        <TextInput
          mode="outlined"
          dense
          label={sayMeasure('measure.dialRadius', { unit: unitName('size', unit) })}
          aria-label="Dial radius"
          value={lever.radius}
          onChangeText={lever.setRadius}
          inputMode="decimal"
          placeholder={formatLength(pitchRadius_mm, 'size', unit)}
          style={layout.grow}
        />
      )}
    </View>
  );
}
