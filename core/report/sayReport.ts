import { REPORT_PAGE } from '../wording/messages/reportPage';
import { sayFrom } from '../wording/say';

/** Says a message of this room, which brings its own. */
export const sayReport = sayFrom(REPORT_PAGE);
