import type { Shop } from '@/core/records/shop';
import { MOST_CUSTOMERS, type Customer } from '@/core/records/tag';

/** Most that are offered at once: a list that fits under the thumb. */
const OFFERED = 4;

/** Customers whose name has every part that was typed at the beginning of a word. */
export function found(customers: readonly Customer[], typed: string): Customer[] {
  const parts = typed.toLowerCase().split(/\s+/).filter(Boolean);
  if (parts.length === 0) return [];
  return customers
    .filter(({ name }) => {
      const words = name.toLowerCase().split(/\s+/);
      return parts.every((part) => words.some((word) => word.startsWith(part)));
    })
    .slice(0, OFFERED);
}

/** The shop with a customer kept, or the known one's contact brought up to date. */
export function withCustomer(shop: Shop, { name, contact }: Customer): Shop {
  const called = name.trim();
  if (called === '') return shop;
  const known = shop.customers.find((c) => c.name === called);
  if (known && (contact === '' || contact === known.contact)) return shop;
  const others = shop.customers.filter((c) => c !== known);
  if (others.length >= MOST_CUSTOMERS) return shop;
  const customers = [...others, { name: called, contact }].sort((a, b) =>
    a.name.localeCompare(b.name),
  );
  return { ...shop, customers };
}
