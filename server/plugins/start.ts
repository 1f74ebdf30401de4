import { defineNitroPlugin } from 'nitropack/runtime'
import { listBackups } from '../db/backups'
import { storageTrouble } from '../db/trouble'
import { closeConnection, connection, dataFolder } from '../http/connection'
import { endNews } from '../study/news'

const DAMAGED = ['SQLITE_CORRUPT', 'SQLITE_NOTADB']
/** How a backup is brought back, where there is one. */
function wayBack(code: string): string {
  const [newest] = DAMAGED.some((one) => code.startsWith(one)) ? listBackups(dataFolder()) : []
  return newest ? ` The newest backup is ${newest.name}: npm run restore -- ${newest.name}` : ''
}

/**
 * Opens the data at the start, so that a folder that cannot be used is said at once; closes them at
 * the end.
 */
export default defineNitroPlugin((nitro) => {
  connection().catch((error: unknown) => {
    const trouble = storageTrouble(error)
    const message = trouble ? `${trouble.message}${wayBack(trouble.code)}` : String(error)
    console.error(`The data folder ${dataFolder()} cannot be used. ${message}`)
    process.exit(1)
  })
  // The server waits for open streams before it ends.
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, endNews)
  if (process.env.IVORY_ABACUS_ENDS_WITH_INPUT)
    process.stdin.resume().once('end', () => process.kill(process.pid, 'SIGTERM'))
  nitro.hooks.hook('close', closeConnection)
})
