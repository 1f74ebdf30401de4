import { joinRegions } from '../../core/label/needs'
import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/fields'
import { makeExport, type ToExport } from '../../shared/exports/make'
import type { ExportId } from '../../shared/exports'
import type { Export } from '../../shared/exports/export'
import { cellsKept, type KeptCells, keptColumn } from '../../shared/import/kept'
import { readTable, type Said } from '../../shared/import/table'
import { type Destination, type NewTable, newTable } from '../../shared/page/newTable'
import { stylesToStart } from '../../shared/page/start'
import type { DerivedColumn } from '../study/derived'
import { derivedColumn, type ToDerive } from '../study/derivedColumn'

/** What a thread may ask the server for: what it asks with, and what it gets. */
export interface Questions {
  /** The tables that styles need. */
  regions: { readonly asks: readonly Style[]; readonly gets: Regions }
  /** A file of the built runtime. */
  runtime: { readonly asks: string; readonly gets: string }
  /** A column of a data set as it is kept. */
  column: {
    readonly asks: { readonly datasetId: string; readonly name: string }
    readonly gets: KeptCells
  }
}
export type Question = keyof Questions

/** What a task has of the server while it runs beside it. */
export interface Server {
  /** Waits for the answer. @throws Error where the server has none */
  ask<Name extends Question>(name: Name, asks: Questions[Name]['asks']): Questions[Name]['gets']
  /** Says how far the task is, from 0 to 1. */
  tell(done: number): void
}

/** What each task is given and makes. */
export interface Tasks {
  read: {
    readonly given: {
      readonly text: string
      readonly said: Said
      readonly to: Omit<Destination, 'regions'>
    }
    readonly made: NewTable
  }
  export: {
    readonly given: { readonly id: ExportId } & Pick<
      ToExport,
      'document' | 'datasets' | 'quantity' | 'level' | 'from' | 'wishes'
    >
    readonly made: Export
  }
  derive: { readonly given: Omit<ToDerive, 'cellsOf'>; readonly made: DerivedColumn }
}
export type TaskName = keyof Tasks

const cellsFrom =
  ({ ask }: Server) =>
  (datasetId: string, name: string) =>
    cellsKept(ask('column', { datasetId, name }))

/** Work that may take long, by its name. */
export const tasks: {
  readonly [Name in TaskName]: (
    given: Tasks[Name]['given'],
    server: Server,
  ) => Tasks[Name]['made'] | Promise<Tasks[Name]['made']>
} = {
  read({ text, said, to }, { ask, tell }) {
    const table = readTable(text, said, tell)
    return newTable(table, { ...to, regions: ask('regions', stylesToStart(to.document, table)) })
  },
  async export({ id, ...study }, server) {
    const { made } = await makeExport(id, {
      ...study,
      cellsOf: cellsFrom(server),
      regionsFor: (style) => joinRegions([server.ask('regions', [style])]),
      runtime: async (name) => server.ask('runtime', name),
    })
    return made
  },
  derive(given, server) {
    const { column, told } = derivedColumn({ ...given, cellsOf: cellsFrom(server) })
    return { kept: keptColumn(column), told }
  },
}
