/** Returns a value as text, the fields of a record in the order of their names. */
export function textOf(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(textOf).join()}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? '';
  const fields = Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1));
  return `{${fields.map(([name, field]) => `${name}:${textOf(field)}`).join()}}`;
}
