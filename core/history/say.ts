import { HISTORY_PAGE } from '../wording/messages/historyPage';
import { sayFrom } from '../wording/say';

/** Says a message of this room, which brings its own. */
export const sayHistory = sayFrom(HISTORY_PAGE);
