import { BUILD_PAGE } from '../wording/messages/buildPage';
import { sayFrom } from '../wording/say';

/** Says a message of this room, which brings its own. */
export const sayBuild = sayFrom(BUILD_PAGE);
