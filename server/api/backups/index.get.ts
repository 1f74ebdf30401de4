import { listBackups } from '../../db/backups'
import { dataFolder } from '../../http/connection'
import { route } from '../../http/route'

/** The backups of the data folder, and how one is brought back. */
export default route(() => ({
  folder: dataFolder(),
  backups: listBackups(dataFolder()),
  restore: 'npm run restore -- NAME',
}))
