import { listBackups } from '../../db/backups'
import { dataFolder, restoreHere } from '../../http/connection'
import { notFound, parameter, route } from '../../http/route'

/** Brings a backup back; what stood before is moved aside, and where to is told. */
export default route(async (event) => {
  const name = parameter(event, 'name')
  if (!listBackups(dataFolder()).some((one) => one.name === name)) throw notFound('such backup')
  return { aside: await restoreHere(name) }
})
