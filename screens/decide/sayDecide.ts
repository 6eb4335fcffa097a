import { REWORK_PAGE } from '@/core/wording/messages/reworkPage';
import { sayFrom } from '@/core/wording/say';

/** Says a message of this room, which brings its own. */
export const sayDecide = sayFrom(REWORK_PAGE);
