/** Returns a sum's id as an address has it: an id with its dot would look like a file. */
export const slugOf = (id: string): string => id.replace('.', '-');

/**
 * Returns the address of a sum’s page.
 *
 * @param id of a sum, `seal.drain`
 * @param asked what it is asked, and for which job, as the parameters of an address
 * @example
 * pathOf('seal.drain'); // '/sums/seal-drain'
 * pathOf('seal.drain', 'job=a1'); // '/sums/seal-drain?job=a1'
 */
export const pathOf = (id: string, asked = ''): `/sums/${string}` =>
  `/sums/${slugOf(id)}${asked && `?${asked}`}`;
