import { notFound, parameter, route } from '../../http/route'
import { jobAt } from '../../apart/jobs'

export default route((event) => {
  const job = jobAt(parameter(event, 'key'))
  if (!job) throw notFound('work of that key under way')
  return job
})
