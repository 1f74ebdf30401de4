import { exportForms } from '~~/shared/exports'
import type { Export } from '~~/shared/exports/export'
import type { ExportTitle } from '~~/shared/exports/types'
import { request } from '~/composables/request'
import { pictureForm } from './pictureForm'
import { studyForm } from './studyForm'
import type { TakenForm } from './types'

/** A form that the server makes and proves. */
const ofServer = (title: ExportTitle): TakenForm => ({
  ...title,
  takesRows: true,
  make({ study, quantity, level, wishes }) {
    const asked = new URLSearchParams({
      quantity: quantity.id,
      as: title.id,
      ...(level === 'quantity' ? {} : { surface: level }),
      rows: wishes.rows,
      ...(wishes.lacking === null ? {} : { lacking: wishes.lacking }),
    })
    return request<Export>(`/api/studies/${study.id}/export?${asked}`)
  },
})

/**
 * Everything that a decision can be taken away as, in the order in which it is offered: what the
 * server makes, the picture that the page shows, and the study.
 */
export const takenForms: readonly TakenForm[] = [
  ...Object.values(exportForms)
    .filter(({ id }) => id !== pictureForm.id)
    .map(ofServer),
  pictureForm,
  studyForm,
]
