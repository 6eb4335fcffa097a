// The colours of an earlier look that Paper still names where a theme has none; the app's themes have all of theirs.
export const black = '#000000';
export const white = '#ffffff';
