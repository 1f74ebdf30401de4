import { defineNitroPlugin } from 'nitropack/runtime'
import { connection } from '../http/connection'

/** Opens the data at the start, so that a folder that cannot be written is said at once. */
export default defineNitroPlugin(() => {
  connection().catch((error: unknown) => {
    console.error(`The data folder cannot be used: ${(error as Error).message}`)
    process.exit(1)
  })
})
