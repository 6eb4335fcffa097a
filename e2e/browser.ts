/** Debian's Chromium, kept from asking anything of the outside. */
export const BROWSER = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};

/** Where the tests serve the built app. */
export const PORT = 4185;
