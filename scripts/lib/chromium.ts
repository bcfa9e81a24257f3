/** Debian's Chromium without a window, the lighter of its two: as root, and without a word to the outside. */
export const chromiumOptions = {
  executablePath: '/usr/lib/chromium/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
}
