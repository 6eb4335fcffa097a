/**
 * Returns a text with another table in the place of the one that a script made before.
 *
 * @param what stands in the mark that the table begins with: what it has, and which command makes it
 */
export function between(text: string, what: string, table: string): string {
  const begin = `<!-- ${what} -->`;
  const end = `<!-- end of ${what.split(':')[0]} -->`;
  const [before = '', rest = ''] = text.split(begin);
  const after = rest.split(end)[1] ?? '';
  return `${before}${begin}\n\n${table}\n\n${end}${after}`;
}
