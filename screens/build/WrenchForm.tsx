import { useState } from 'react';
import { View } from 'react-native';
import { TextInput } from 'react-native-paper';
import type { WrenchSet } from '@/core/assembly/torquing';
import { parseNumber } from '@/core/quantity/parse';
import { TORQUE_UNITS } from '@/core/records/torqueUnits';
import type { TorqueUnit } from '@/core/workshop/torquePlan';
import { TORQUE_NAME } from '@/core/wording/torque';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { layout } from '@/ui/layout';

interface Props {
  readonly value: WrenchSet;
  readonly onChange: (wrench: WrenchSet) => void;
}

/** Reads a length of a wrench; null where it is none. */
function lengthIn(text: string): number | null {
  const mm = parseNumber(text);
  return mm !== null && Number.isFinite(mm) && mm >= 0 && mm <= 5000 ? mm : null;
}

const UNITS = TORQUE_UNITS.map((value) => ({ value, name: TORQUE_NAME[value] }));

/** The unit of the wrench, and what stands between its square and the bolt: the figures follow at once. */
export function WrenchForm({ value, onChange }: Props) {
  const { unit, wrench } = value;
  const [length, setLength] = useState(wrench ? String(wrench.length_mm) : '');
  const [extension, setExtension] = useState(wrench ? String(wrench.extension_mm) : '');
  const [wrong, setWrong] = useState(false);
  const read = (lengthText: string, extensionText: string) => {
    const [length_mm, extension_mm] = [lengthIn(lengthText), lengthIn(extensionText)];
    const none = lengthText.trim() === '' && extensionText.trim() === '';
    const isWhole = length_mm !== null && length_mm > 0 && extension_mm !== null;
    setWrong(!none && !isWhole && lengthText.trim() !== '' && extensionText.trim() !== '');
    onChange({ unit, wrench: isWhole ? { length_mm, extension_mm, angle_deg: 0 } : null });
  };
  return (
    <View style={layout.stack}>
      <Choice
        label="Unit of the wrench"
        value={unit}
        options={UNITS}
        onChange={(next: TorqueUnit) => onChange({ unit: next, wrench })}
      />
      <View style={layout.line}>
        <TextInput
          mode="outlined"
          label="Grip to square, mm"
          aria-label="Wrench, grip to square, mm"
          inputMode="decimal"
          value={length}
          style={layout.grow}
          onChangeText={(text) => {
            setLength(text);
            read(text, extension);
          }}
        />
        <TextInput
          mode="outlined"
          label="Extension, mm"
          aria-label="Extension in line, square to bolt, mm"
          inputMode="decimal"
          value={extension}
          style={layout.grow}
          onChangeText={(text) => {
            setExtension(text);
            read(length, text);
          }}
        />
      </View>
      {wrong ? (
        <Notice kind="error">
          Enter both lengths in mm, the wrench above 0. Until then the figures are for the bare
          wrench.
        </Notice>
      ) : null}
    </View>
  );
}
