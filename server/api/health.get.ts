import { statfsSync } from 'node:fs'
import { version } from '../../package.json'
import { dataFolder } from '../http/connection'
import { route } from '../http/route'

/** Version, soundness of the data, and the room that is left for them, in bytes. */
export default route((_, db) => {
  const { bavail, bsize } = statfsSync(dataFolder())
  return {
    version,
    sound: db.pragma('quick_check(1)', { simple: true }) === 'ok',
    room: bavail * bsize,
  }
})
