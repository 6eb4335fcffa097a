/** Names the version of the app, as its package, its change log, Shop and every file that it writes have it. */
export const APP_VERSION = '0.12.0';
