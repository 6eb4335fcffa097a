import { Button } from '@/ui/Button';
import { ListRow } from '@/ui/ListRow';
import { LinkBox } from '@/ui/LinkBox';
import { Notice } from '@/ui/Notice';
import { PinRing } from '@/ui/PinRing';
import { RowButton } from '@/ui/RowButton';
import { RowLink } from '@/ui/RowLink';
import { TYPE, type Palette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { Held, nowhere, type Case } from './specimen';

const SIZES = Object.keys(TYPE) as (keyof typeof TYPE)[];
const TONES: readonly (keyof Palette)[] = ['ink', 'muted', 'blue', 'brass', 'in', 'out'];
const LONG =
  'Face gap between the driven gear and the deck, read across the whole pump from the sealing edge at 12 to the one at 6, with the cover off';

/** Type, notes and lines of lists. */
export const WORDS: Case = {
  title: 'Words and lines',
  specimens: [
    {
      name: 'Sizes of type',
      of: SIZES.map((size) => <Words key={size} size={size}>{`${size} 0.0625`}</Words>),
    },
    {
      name: 'Tones, plain and strong',
      of: TONES.map((tone) => (
        <Words key={tone} tone={tone}>
          {tone}{' '}
          <Words tone={tone} strong>
            {tone}
          </Words>
        </Words>
      )),
    },
    {
      name: 'Headings',
      of: ([1, 2, 3] as const).map((level) => (
        <Heading key={level} level={level}>{`Heading ${level}`}</Heading>
      )),
    },
    { name: 'Notice: caution', of: <Notice kind="caution">Never force a leaf.</Notice> },
    { name: 'Notice: error', of: <Notice kind="error">“0.5x” is not a number.</Notice> },
    {
      name: 'Notice: a word, with what can be done, and long',
      of: (
        <Notice kind="word" actions={<Button onPress={nowhere}>Do it</Button>}>
          {LONG}
        </Notice>
      ),
    },
    {
      name: 'Line of a list: in hand, with mark and figure',
      of: (
        <ListRow
          name="Face gap"
          note="0.02–0.08 · in"
          here
          mark={<PinRing verdict="in" size={28} />}
          onPress={nowhere}
        >
          <Words strong>0.06</Words>
        </ListRow>
      ),
    },
    {
      name: 'Line of a list: long',
      of: <ListRow name={LONG} note={LONG} here={false} onPress={nowhere} />,
    },
    {
      name: 'Line that opens',
      of: (
        <Held first={false}>
          {(open, set) => (
            <RowButton name="Limits" about="17 of them" open={open} onPress={() => set(!open)} />
          )}
        </Held>
      ),
    },
    {
      name: 'Line that leads on',
      of: <RowLink href="/shop" name="Shop" about="Instruments, rules" />,
    },
    {
      name: 'Box that leads on: here and elsewhere',
      of: (['step', undefined] as const).map((current) => (
        <LinkBox key={current ?? ''} href="/" current={current}>
          <Words strong={current !== undefined}>{current ? 'Here' : 'Elsewhere'}</Words>
        </LinkBox>
      )),
    },
  ],
};
