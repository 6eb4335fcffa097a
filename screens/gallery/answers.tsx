import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { FELT } from '@/core/feeler/bounds';
import { Choice } from '@/ui/Choice';
import { Confirm } from '@/ui/Confirm';
import { FeltGlyph } from '@/ui/FeltGlyph';
import { Field } from '@/ui/Field';
import { FootButton } from '@/ui/FootButton';
import { Pick } from '@/ui/Pick';
import { ReadingPad } from '@/ui/ReadingPad';
import { Remark } from '@/ui/Remark';
import { Tile, Tiles } from '@/ui/Tile';
import { Words } from '@/ui/Words';
import { Held, nowhere, type Case } from './specimen';

const named = (...names: readonly string[]) => names.map((name) => ({ value: name, name }));
const UNITS = named('thou', 'mm');
const MANY = named('faced off', 'sunk', 'ground', 'honed', 'dressed', 'exchanged');

/** A field with something in it, and one whose text was refused; the same without boxes. */
function Fields() {
  const { control } = useForm({
    defaultValues: { well: '0.05', wrong: '0.5x' },
    errors: { wrong: { type: 'value', message: '“0.5x” is not a number.' } },
  });
  return (
    <>
      <Field control={control} name="well" label="Upper limit" />
      <Field control={control} name="wrong" label="Upper limit" />
      <Field flat="figure" control={control} name="well" label="Upper limit" />
      <Field flat="words" control={control} name="wrong" label="Upper limit" />
    </>
  );
}

/** What a hand answers with. */
export const ANSWERS: Case = {
  title: 'Answers',
  specimens: [
    {
      name: 'Choice: two, many, one below the other, in a strip',
      of: (
        <>
          <Held first="mm">
            {(value, set) => <Choice label="Unit" value={value} options={UNITS} onChange={set} />}
          </Held>
          <Held first="honed">
            {(value, set) => <Choice label="Work" value={value} options={MANY} onChange={set} />}
          </Held>
          <Held first="sunk">
            {(value, set) => (
              <Choice label="Work" value={value} options={MANY} onChange={set} stacked />
            )}
          </Held>
          <Held first="sunk">
            {(value, set) => (
              <Choice label="Section" value={value} options={MANY} onChange={set} strip />
            )}
          </Held>
        </>
      ),
    },
    {
      name: 'Pick from a list',
      of: (
        <Held first="ground">
          {(value, set) => <Pick label="Work" value={value} options={MANY} onChange={set} />}
        </Held>
      ),
    },
    {
      name: 'Tiles: plain, chosen, with a picture and a note',
      of: (
        <Tiles label="How does the leaf feel?">
          <Tile name="Sound" onPress={nowhere} chosen={false} />
          <Tile name="Scored" onPress={nowhere} chosen />
          {FELT.map((felt) => (
            <Tile
              key={felt}
              name={felt}
              note="what the hand feels"
              picture={<FeltGlyph felt={felt} />}
              onPress={nowhere}
            />
          ))}
        </Tiles>
      ),
    },
    {
      name: 'Reading pad: with a last value, and without',
      of: [null, '20.055'].map((last) => (
        <Held key={last ?? ''} first="2½">
          {(value, set) => (
            <>
              <Words size="reading">{value || '–'}</Words>
              <ReadingPad value={value} last={last} onChange={set} onEnter={nowhere} />
            </>
          )}
        </Held>
      )),
    },
    { name: 'Fields: well and refused, and the same in a table', of: <Fields /> },
    {
      name: 'Remark',
      of: (
        <Held first="Came in a box, cover off">
          {(value, set) => <Remark value={value} onChange={set} />}
        </Held>
      ),
    },
    {
      name: 'Lesser actions: can be done, and cannot',
      of: (
        <View style={{ flexDirection: 'row', gap: 6 }}>
          <FootButton name="Undo" onPress={nowhere} disabled />
          <FootButton name="Evidence" onPress={nowhere} />
        </View>
      ),
    },
    {
      name: 'What cannot be taken back',
      of: (
        <Confirm
          ask="Delete this job"
          warn="The job and its photos are gone then."
          sure="Delete it"
          onSure={nowhere}
        />
      ),
    },
  ],
};
