import { type Desk, until } from './program'

/** What tests do on a desk again and again, as a hand would. */
export function handOn(desk: Desk) {
  /** A choice of a list that is one of a sentence's phrases or of the bar. */
  async function select(name: string, title: string | RegExp) {
    await desk.page.getByRole('combobox', { name, exact: true }).click()
    await desk.page
      .getByRole('option', { name: title, exact: true })
      .and(desk.page.locator('.p-select-option'))
      .click()
  }
  return {
    select,
    /** Shows a quantity, and waits for its chart. */
    async show(title: string) {
      await select('Quantity on the page', title)
      const charts = desk.page.getByRole('img', { name: new RegExp(` of ${title}$`) })
      await until(() => charts.count(), 1)
    },
    /** A choice of a phrase of the style's sentence, by the beginning of its words. */
    async choose(phrase: RegExp, title: string) {
      await desk.page.getByRole('button', { name: phrase }).click()
      await desk.page.getByRole('option', { name: title }).first().click()
    },
    /** Opens a list of several choices. */
    openList: (name: string) =>
      desk.page
        .locator('.p-multiselect')
        .filter({ has: desk.page.getByRole('combobox', { name }) })
        .click(),
    /** Phrases that few charts need, where they are not shown already. */
    async unfold() {
      const page = desk.page.getByRole('region', { name: 'Page' })
      const more = page.getByRole('button', { name: 'more …' })
      if ((await more.count()) > 0) await more.click()
    },
    saved: () => desk.page.getByRole('status').getByText('Saved', { exact: true }).waitFor(),
    texts: (selector: string) => desk.page.locator(selector).allTextContents(),
    /** The labels of a surface. */
    labels: (surface: string, from = desk.page) =>
      from.locator(`[data-surface="${surface}"]`).allTextContents(),
    finding: (check: string) => desk.page.locator(`[data-check="${check}"]`).first(),
  }
}
