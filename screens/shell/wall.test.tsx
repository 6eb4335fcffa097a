import { QueryClientProvider } from '@tanstack/react-query';
import { act, render, screen } from '@testing-library/react';
import { PaperProvider } from 'react-native-paper';
import type { Sheet } from '@/core/records/sheet';
import { queryClient } from '@/data/client';
import { KEYS, useOfRecord, useRecord } from '@/data/hooks';
import { LIGHT_THEME } from '@/ui/theme';
import { Wall } from './Wall';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

const KEY = KEYS.record('sheet', 's');
const sheet = (model: string) => ({ id: 's', model, revision: 1 }) as unknown as Sheet;
const put = (record: Sheet) => act(async () => void queryClient.setQueryData(KEY, record));

/** Cannot be drawn while the model of its sheet is odd. */
function Model() {
  const { data } = useRecord('sheet', 's');
  if (data?.model === 'odd') throw new Error('odd');
  return <p>{data?.model}</p>;
}

const shown = (child: React.ReactNode) =>
  render(
    <QueryClientProvider client={queryClient}>
      <PaperProvider theme={LIGHT_THEME}>{child}</PaperProvider>
    </QueryClientProvider>,
  );

describe('a wall', () => {
  // React writes what a wall held back to the console.
  beforeEach(() => void jest.spyOn(console, 'error').mockImplementation(() => undefined));
  afterEach(() => jest.restoreAllMocks());

  it('stands round what fails, and is gone once its record is another', async () => {
    await put(sheet('odd'));
    shown(
      <Wall what="This sheet" record={{ kind: 'sheet', id: 's' }}>
        <Model />
      </Wall>,
    );
    expect(screen.getByText(/This sheet cannot be shown/)).toBeTruthy();
    await put({ ...sheet('odd') });
    expect(screen.getByText(/This sheet cannot be shown/)).toBeTruthy();
    await put(sheet('T6'));
    expect(screen.getByText('T6')).toBeTruthy();
  });
});

describe('one thing of a record', () => {
  it('is drawn anew only where it is otherwise', async () => {
    const drawn: (number | null | undefined)[] = [];
    function Revision() {
      const { data } = useOfRecord('sheet', 's', ({ revision }) => revision);
      drawn.push(data);
      return null;
    }
    await put(sheet('T6'));
    shown(<Revision />);
    await put(sheet('T7'));
    await put({ ...sheet('T7'), revision: 2 });
    expect(drawn).toEqual([1, 2]);
  });
});
