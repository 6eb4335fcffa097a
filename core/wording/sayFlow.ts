import { FLOW_PAGE } from './messages/flowPage';
import { sayFrom } from './say';

export type FlowKey = keyof typeof FLOW_PAGE;

/** Says a message of Flow, which brings its own: nothing of it is on the first page. */
export const sayFlow = sayFrom(FLOW_PAGE);
