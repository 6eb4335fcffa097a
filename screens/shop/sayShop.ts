import { SHOP_PAGE } from '@/core/wording/messages/shopPage';
import { sayFrom } from '@/core/wording/say';

/** Says a message of this room, which brings its own. */
export const sayShop = sayFrom(SHOP_PAGE);
