import { regionTable } from '../../http/localeTables'
import { notFound, parameter, route } from '../../http/route'

export default route(async (event) => {
  const table = await regionTable('locales', parameter(event, 'name'))
  if (!table) throw notFound('such region')
  return table
})
