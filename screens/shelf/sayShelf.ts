import { SHELF_PAGE } from '@/core/wording/messages/shelfPage';
import { sayFrom } from '@/core/wording/say';

/** Says a message of this room, which brings its own. */
export const sayShelf = sayFrom(SHELF_PAGE);
