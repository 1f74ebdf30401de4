import { getQuery } from 'h3'
import { z } from 'zod'
import { SURFACES } from '../../../../core/checks/types'
import { readAsset } from '../../../http/assets'
import { notFound, parameter, RequestError, route } from '../../../http/route'
import { regionsFor } from '../../../http/regions'
import { exportQuantity } from '../../../export/quantity'
import { loadStudy } from '../../../study/studies'

const querySchema = z.object({ quantity: z.string(), surface: z.enum(SURFACES).optional() })

export default route(async (event, db) => {
  const query = querySchema.safeParse(getQuery(event))
  if (!query.success) throw new RequestError(400, 'Bad request', `The address takes ?quantity=…, the id of a quantity of the study, and &surface=…, one of ${SURFACES.join(', ')}.`)
  const study = loadStudy(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  const quantity = study.document.quantities.find((one) => one.id === query.data.quantity)
  if (!quantity) throw notFound('such quantity')
  return exportQuantity(db, study.document, quantity, { runtime: (name) => readAsset('runtime', name), regionsFor }, query.data.surface)
})
