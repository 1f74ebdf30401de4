import { jest } from '@jest/globals'

/**
 * An end for what is stuck, hooks included, and no bar: machines differ by ten times, and a browser
 * may take longer to close than the five seconds that the runner gives it.
 */
jest.setTimeout(300_000)
