import { useChangeShop, useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';

const ON_OFF = [
  { value: 'on', name: 'On' },
  { value: 'off', name: 'Off' },
] as const;

/** Turns the keys of the measuring screen on or off, for the whole shop. */
export function KeysChoice() {
  const { shortcuts } = useShop();
  const { apply } = useChangeShop();
  return (
    <Choice
      label="Keys on the measuring screen"
      value={shortcuts ? 'on' : 'off'}
      options={ON_OFF}
      onChange={(chosen) =>
        void apply((shop) => ({ ...shop, shortcuts: chosen === 'on' })).catch(() => undefined)
      }
    />
  );
}
