/**
 * Returns a text with its first letter as a capital.
 *
 * @param text of any length
 * @example
 * capital('drive gear'); // 'Drive gear'
 */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/**
 * Returns a text as it stands within a sentence: its first letter small.
 *
 * @param text of any length
 * @example
 * lower('Drive gear'); // 'drive gear'
 */
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/**
 * Returns a name as it is compared with others: whatever its case, and the blanks round it.
 *
 * @param name as somebody typed it
 * @example
 * folded(' Body No. 2 '); // 'body no. 2'
 */
export const folded = (name: string): string => name.trim().toLowerCase();
