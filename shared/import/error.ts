/** Text that is no table: says where and what to do. */
export class ImportError extends Error {
  override name = 'ImportError'
}
