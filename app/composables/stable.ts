/**
 * A computed value that keeps its identity while it says the same, so that what does not
 * change with a move of the rail is not drawn again.
 *
 * @param get gives plain data
 */
export const stable = <Plain>(get: () => Plain) =>
  computed<Plain>((old) => {
    const now = get()
    return old !== undefined && JSON.stringify(old) === JSON.stringify(now) ? old : now
  })
