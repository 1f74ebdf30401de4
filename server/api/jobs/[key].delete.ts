import { notFound, parameter, route } from '../../http/route'
import { cancelJob } from '../../apart/jobs'

export default route((event) => {
  if (!cancelJob(parameter(event, 'key'))) throw notFound('work of that key under way')
  return {}
})
