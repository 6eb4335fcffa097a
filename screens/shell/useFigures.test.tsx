import { act, fireEvent, render, screen } from '@testing-library/react';
import { TextInput } from 'react-native';
import { useFigures } from './useFigures';

/** Settles a figure that is being stored, as the browser does: outside of what React is told of. */
let stored: (whether: boolean) => void = () => undefined;
const taken: string[] = [];

function Bench() {
  const { field, text, put, submit } = useFigures((figure) => {
    taken.push(figure);
    return new Promise((resolve) => (stored = resolve));
  });
  return <TextInput ref={field} value={text} onChangeText={put} onSubmitEditing={submit} />;
}

const box = () => screen.getByRole<HTMLInputElement>('textbox');
const type = (value: string) => fireEvent.change(box(), { target: { value } });
const enter = () => fireEvent.keyDown(box(), { key: 'Enter' });

/** Lets a figure be stored, and goes on as soon as the hook has heard of it: before React's own turn comes. */
async function store(whether = true) {
  const told = globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean };
  told.IS_REACT_ACT_ENVIRONMENT = false;
  stored(whether);
  for (let turn = 0; turn < 5; turn += 1) await Promise.resolve();
  told.IS_REACT_ACT_ENVIRONMENT = true;
}

beforeEach(() => {
  taken.length = 0;
  render(<Bench />);
});

describe('a field of figures', () => {
  it('is empty before another key can come, once its figure is stored', async () => {
    type('20.051');
    enter();
    await store();
    expect(box().value).toBe('');
    type('20.053');
    enter();
    expect(taken).toEqual(['20.051', '20.053']);
  });
  it('keeps what was typed of the next figure while the last was stored', async () => {
    type('20.051');
    enter();
    type('20.05120.0');
    await store();
    expect(box().value).toBe('20.0');
  });
  it('takes the next figure by itself, where its Enter came before the last was stored', async () => {
    type('20.051');
    enter();
    type('20.05120.053');
    enter();
    await store();
    expect(taken).toEqual(['20.051', '20.053']);
  });
  it('takes no figure for the line feed of a cable', async () => {
    type('20.051');
    enter();
    enter();
    await store();
    await act(async () => Promise.resolve());
    expect(taken).toEqual(['20.051']);
  });
  it('keeps a figure that was refused', async () => {
    type('20.o51');
    enter();
    await store(false);
    expect(box().value).toBe('20.o51');
  });
});
