/** PrimeVue's register of styles that stand in the page; the package has no types for it. */
declare module '@primevue/core/base' {
  const Base: { clearLoadedStyleNames(): void }
  export default Base
}
