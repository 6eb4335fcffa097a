/** Returns a text with its first letter as a capital. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Returns a text as it stands within a sentence: its first letter small. */
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** Returns a name as it is compared with others: whatever its case, and the blanks round it. */
export const folded = (name: string): string => name.trim().toLowerCase();
