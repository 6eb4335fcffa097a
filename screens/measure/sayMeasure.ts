import { MEASURE_PAGE } from '@/core/wording/messages/measurePage';
import { sayFrom } from '@/core/wording/say';

/** Says a message of this room, which brings its own. */
export const sayMeasure = sayFrom(MEASURE_PAGE);
