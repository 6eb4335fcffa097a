import { useState } from 'react';
import type { ShopUnit } from '@/core/quantity/units';

/**
 * Returns the unit in which a form is written: the shop's, but while something in it is edited that in
 * which it was begun. A switch of the unit must not empty what somebody is typing.
 */
export function useHeldUnit(shop: ShopUnit) {
  const [held, setHeld] = useState<ShopUnit>(shop);
  return {
    held,
    /** Called with whether anything in the form is edited. */
    follow: (edited: boolean) => {
      if (!edited && held !== shop) setHeld(shop);
    },
    /** Called with the unit of a draft. */
    take: (unit: string) => setHeld(unit === 'thou' ? 'thou' : 'mm'),
  };
}
