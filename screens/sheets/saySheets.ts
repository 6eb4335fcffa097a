import { SHEETS_PAGE } from '@/core/wording/messages/sheetsPage';
import { sayFrom } from '@/core/wording/say';

/** Says a message of this room, which brings its own. */
export const saySheets = sayFrom(SHEETS_PAGE);
