/** Debian's headless Chromium, as the browser tests, the pictures and the measurements start it. */

export const CHROMIUM = {
  executablePath: process.env.AMBLE_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  // As root there is no sandbox; the rest keeps the browser from calling home on a closed network.
  args: [
    '--no-sandbox',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--no-first-run',
    // There is no graphics card here: what it would do is done by the processor either way.
    '--disable-gpu',
  ],
};
