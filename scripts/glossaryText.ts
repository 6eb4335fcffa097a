const BEGIN = '<!-- words of the trade: made by npm run docs:glossary -->';
const END = '<!-- end of the words of the trade -->';

/** Returns the glossary with another table of the words of the trade in the place of the one that it has. */
export function glossaryWith(text: string, table: string): string {
  const [before = '', rest = ''] = text.split(BEGIN);
  const after = rest.split(END)[1] ?? '';
  return `${before}${BEGIN}\n\n${table}\n\n${END}${after}`;
}
