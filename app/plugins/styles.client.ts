import Base from '@primevue/core/base'

/**
 * PrimeVue 4.5 forgets, with each component that it mounts, which of its styles stand in the page
 * already, and writes them anew: some 25 times a screen, each a new look at every rule. The theme
 * does not change while the program runs, so nothing has to be forgotten.
 */
export default defineNuxtPlugin(() => {
  Base.clearLoadedStyleNames = () => undefined
})
