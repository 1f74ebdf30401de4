// A built server and a browser for scripts that look at the program.
import { chromium } from 'playwright-core'
import { build, findChromium, install } from './prepare.mjs'
import { startServer } from './server.mjs'

/** Starts the browser. */
export const startBrowser = () =>
  chromium.launch({
    executablePath: findChromium(),
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  })

/** Runs a function with a browser and the address of a server on a fresh demo. */
export async function withProgram(use) {
  install()
  build()
  const { url, stop } = await startServer()
  const browser = await startBrowser()
  try {
    await use({ browser, url })
  } finally {
    await browser.close()
    await stop()
  }
}
