/*
 * What writes and reads CSV, behind one door that is opened when a table is asked for: the reader and writer of CSV is
 * as large as a room, and no page needs it to be seen.
 */
export { foundCsv } from '../core/history/foundCsv';
export { ordersCsv } from '../core/inspect/ordersCsv';
export { limitsCsv, withLimitsCsv } from '../core/records/limitsCsv';
export { partsCsv } from '../core/records/partsCsv';
export { readingsCsv } from '../core/report/csv';
export { HELD, LOGGER_UNITS, samplesBy } from '../core/trace/columns';
export { readLogger } from '../core/trace/logger';
