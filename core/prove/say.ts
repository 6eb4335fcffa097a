import { PROVE_PAGE } from '../wording/messages/provePage';
import { sayFrom } from '../wording/say';

/** Says a message of this room, which brings its own. */
export const sayProve = sayFrom(PROVE_PAGE);
