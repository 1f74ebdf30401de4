import { until, withDesk } from './lib/program'

const desk = withDesk()
const labels = () =>
  desk.page
    .getByRole('group', { name: 'The axis on the page' })
    .locator('[data-ruler-label]')
    .allTextContents()
const handle = (name: string) => desk.page.getByRole('slider', { name, exact: true })
const show = async (quantity: string) => {
  await desk.page.getByRole('combobox', { name: 'Quantity on the page' }).click()
  await desk.page.getByRole('option', { name: quantity, exact: true }).click()
}

test('the ruler shows the axis, and its handles move with the keyboard', async () => {
  const { page, program } = desk
  await page.goto(program.url)
  await page.getByRole('link', { name: 'Ticks' }).click()
  await until(labels, ['€0M', '€0M', '€1M', '€1M', '€1M', '€1M', '€2M', '€2M'])
  expect(await handle('Step').getAttribute('aria-valuetext')).toBe('250,000')
  await handle('Step').press('ArrowRight')
  await until(labels, ['€0M', '€1M', '€1M', '€2M', '€2M'])
  await handle('Count').press('ArrowLeft')
  await until(labels, ['€0M', '€1M', '€2M'])
  expect(await handle('Count').getAttribute('aria-valuetext')).toBe('4 ticks')
  await handle('Count').press('ArrowRight')
  await until(labels, ['€0M', '€1M', '€1M', '€2M', '€2M'])
  await handle('End').press('PageUp')
  expect(await handle('End').getAttribute('aria-valuetext')).toBe('1,840,000')
  await handle('Length').press('ArrowLeft')
  expect(await page.getByLabel('Length of the axis in pixels').inputValue()).toBe(
    String(Number(await handle('Length').getAttribute('aria-valuenow'))),
  )
})

test('the step handle is dragged to round steps', async () => {
  const { page } = desk
  const box = (await handle('Step').locator('ellipse').boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 + 150, box.y + 4, { steps: 6 })
  await page.mouse.up()
  await until(labels, ['€0M', '€1M', '€2M'])
})

test('the ends and the length are dragged, each as one step of undo', async () => {
  const { page } = desk
  const drag = async (name: string, shape: string, by: number) => {
    const box = (await handle(name).locator(shape).first().boundingBox())!
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
    await page.mouse.down()
    await page.mouse.move(box.x + box.width / 2 + by, box.y + box.height / 2, { steps: 8 })
    await page.mouse.up()
  }
  const end = () => handle('End').getAttribute('aria-valuetext')
  const before = await end()
  const length = Number(await handle('Length').getAttribute('aria-valuenow'))
  await drag('End', 'ellipse', -200)
  expect(Number((await end())!.replaceAll(',', ''))).toBeLessThan(
    Number(before!.replaceAll(',', '')) * 0.9,
  )
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(end, before)
  await drag('Length', 'rect', -60)
  await until(async () => Number(await handle('Length').getAttribute('aria-valuenow')), length - 60)
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(async () => Number(await handle('Length').getAttribute('aria-valuenow')), length)
})

test('a drag that rests half way is one step of undo, and a key after it another', async () => {
  const { page } = desk
  const end = () => handle('End').getAttribute('aria-valuetext')
  const before = await end()
  const { x, y, width, height } = (await handle('End').locator('ellipse').boundingBox())!
  await page.mouse.move(x + width / 2, y + height / 2)
  await page.mouse.down()
  await page.mouse.move(x + width / 2 - 80, y + height / 2, { steps: 4 })
  await page.getByRole('status').getByText('Saved', { exact: true }).waitFor()
  await page.mouse.move(x + width / 2 - 120, y + height / 2, { steps: 4 })
  await page.mouse.up()
  const dragged = await end()
  await handle('End').press('PageDown')
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(end, dragged)
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(end, before)
})

test('a candidate is drawn with its labels and taken with its style, as one step of undo', async () => {
  const { page } = desk
  // They are sought once the hand rests.
  await page.getByLabel(/^Candidate 1: .*€1\.75M$/).waitFor()
  await page.getByRole('button', { name: 'Use candidate 1: every 250000' }).click()
  await until(labels, [
    '€0.00M',
    '€0.25M',
    '€0.50M',
    '€0.75M',
    '€1.00M',
    '€1.25M',
    '€1.50M',
    '€1.75M',
  ])
  await page.getByText('No finding on the labels of this page.').waitFor()
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(labels, ['€0M', '€1M', '€2M'])
})

test('an own text that says another number is found, and given back', async () => {
  const { page } = desk
  await page.getByLabel('Own text for 1,000,000').fill('€3M')
  await page
    .getByText('The tick at 1,000,000 is labelled “€3M”, which reads as 3,000,000.')
    .waitFor()
  await until(labels, ['€0M', '€3M', '€2M'])
  await page.getByRole('link', { name: 'Desk' }).click()
  await page
    .locator('article[data-check="wrong-tick-label"]')
    .getByRole('button', { name: 'Replace labels by hand with the ticks' })
    .click()
  await page.locator('article[data-check="wrong-tick-label"]').waitFor({ state: 'detached' })
  expect(await page.locator('[data-surface="axis"]').allTextContents()).toEqual([
    '€0M',
    '€1M',
    '€2M',
  ])
})

test('an axis counts parts of π, and names of winds are told as no numbers', async () => {
  const { page } = desk
  await show('Tide phase')
  await page.getByRole('link', { name: 'Ticks' }).click()
  await until(labels, ['−π', '−π/2', '0', 'π/2', 'π', '3π/2', '2π', '5π/2', '3π'])
  await page.getByLabel('Own text for 0', { exact: true }).fill('north')
  await page.getByText('“north” is not a number: it stays in place when the ticks move.').waitFor()
  await handle('Step').press('ArrowRight')
  await page.getByText(/9 labels were typed for 5 ticks/).waitFor()
  await page.getByRole('button', { name: 'Write the labels from the ticks again' }).click()
  await until(labels, ['−π', '0', 'π', '2π', '3π'])
})

test('ends are typed as multiples of π, and the axis in use stands among the candidates, marked', async () => {
  const { page } = desk
  const first = page.getByLabel('Start of the axis')
  await first.fill('-2π')
  await first.press('Enter')
  await until(labels, ['−2π', '−π', '0', 'π', '2π', '3π'])
  const taken = page.getByRole('list', { name: 'Other ticks' }).getByText('on the page')
  await until(() => taken.count(), 1)
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('tick labels are pasted as a list: too few, too many and another number are told', async () => {
  const { page } = desk
  const card = page.locator('article[data-check="wrong-tick-label"]')
  const pasted = async (list: string, said: string) => {
    await page.getByRole('button', { name: 'paste labels as a list …' }).click()
    await page.getByLabel('One label a line').fill(list)
    await page.getByText(said).waitFor()
    await page.getByRole('button', { name: 'Apply' }).click()
  }
  await pasted('−π\n0\nπ', '3 labels for 5 ticks: 2 missing')
  await card.getByText(/3 labels were typed for 5 ticks: the last ticks have none/).waitFor()
  await pasted('−π; 0; π; 2π; 3π; 4π', '6 labels for 5 ticks: 1 too many')
  await card.getByText(/6 labels were typed for 5 ticks/).waitFor()
  await pasted('["−π", "0", "2π", "2π", "3π"]', '5 labels for 5 ticks')
  await card.getByText(/is labelled “2π”/).waitFor()
  await page.getByRole('button', { name: 'Write the labels from the ticks again' }).click()
  await card.waitFor({ state: 'detached' })
})

test('a step that cannot be is refused where it is typed', async () => {
  const { page } = desk
  await page.getByLabel('Tick step').fill('0.5')
  await page.getByText('Enter a fraction of the constant, such as 1/3 or 2').waitFor()
  expect(await labels()).toEqual(['−π', '0', 'π', '2π', '3π'])
})
