import { regionTable } from '../../../http/localeTables'
import { notFound, parameter, route } from '../../../http/route'

export default route(async (event) => {
  const table = await regionTable('measure-names', parameter(event, 'name'))
  if (!table) throw notFound('such region')
  return table
})
