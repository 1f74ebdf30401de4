import { until, withDesk } from './lib/program'

const desk = withDesk({ reducedMotion: 'reduce' })
const ladder = (id: string) => desk.page.locator(`[data-ladder="${id}"]`)
const own = () => ladder('my si')
const marks = () => desk.page.locator('[data-surface="marks"]').allTextContents()
const toDesk = () => desk.page.getByRole('link', { name: 'Desk' }).click()
const toLadders = async () => {
  await desk.page.getByRole('link', { name: 'Ladders' }).click()
  await ladder('short').waitFor()
}
const head = (at: number) => desk.page.locator('header.head').nth(at)
const saved = () => desk.page.getByRole('status').getByText('Saved', { exact: true }).waitFor()

beforeAll(async () => {
  await desk.page.goto(desk.program.url)
  await desk.page.getByText('The labels hide the step').first().waitFor()
})

test('rungs stand to scale beside each other, and those in use are told', async () => {
  await toLadders()
  const top = async (id: string, power: number) =>
    (await ladder(id).locator(`[data-power="${power}"]`).boundingBox())!.y
  // The drawing scrolls to its ground as it comes.
  await until(
    async () => Math.round(await top('short', 6)) === Math.round(await top('si', 6)),
    true,
  )
  expect(
    ((await top('indian', 3)) - (await top('indian', 5))) /
      ((await top('indian', 5)) - (await top('indian', 7))),
  ).toBeCloseTo(1, 1)
  expect(
    await ladder('short')
      .locator('.used')
      .evaluateAll((rungs) => rungs.map((rung) => rung.getAttribute('data-power'))),
  ).toEqual(['6'])
})

test('the region’s own ladder is drawn with the others, and is climbed at one click', async () => {
  const { page } = desk
  const powers = (of: string) =>
    ladder('locale')
      .locator(of)
      .evaluateAll((rungs) =>
        rungs.map((rung) => Number(rung.getAttribute('data-power'))).sort((a, b) => a - b),
      )
  expect(await powers('[data-power]')).toEqual([3, 6, 9, 12])
  expect(await powers('.used')).toEqual([])
  await page.locator('header.head').last().getByRole('button', { name: 'use' }).click()
  await until(() => powers('.used'), [3, 6])
  await page.getByRole('button', { name: 'Undo' }).click()
  await until(() => powers('.used'), [])
})

test('a ladder is copied, edited in place and used, and every label follows its names', async () => {
  const { page } = desk
  await head(1).getByRole('button', { name: 'copy' }).click()
  await own().waitFor()
  await head(0).getByRole('button', { name: 'use' }).click()
  await own().getByLabel('Symbol of 10 to the 6').fill('Mega')
  await saved()
  await toDesk()
  await until(async () => (await marks())[0], '€2Mega')
  await toLadders()
  await page.getByRole('button', { name: 'Undo' }).click()
  await toDesk()
  await until(async () => (await marks())[0], '€2M')
})

describe('a rung climbs past another one and stays in hand', () => {
  const powers = () =>
    own()
      .locator('[data-power]')
      .evaluateAll((rungs) =>
        rungs
          .map((rung) => Number(rung.getAttribute('data-power')))
          .filter((power) => power > 0)
          .sort((a, b) => a - b),
      )
  const grip = (power: number) =>
    own().getByRole('button', { name: new RegExp(`^Move G, at 10 to the ${power}$`) })
  const withG = (power: number) => [3, 6, power, 12, 15, 18, 21, 24, 27, 30].sort((a, b) => a - b)

  test('dragged by a bead; one undo takes it back', async () => {
    const { page } = desk
    await toLadders()
    await until(powers, withG(9))
    await grip(9).scrollIntoViewIfNeeded()
    const { x, y, height } = (await grip(9).boundingBox())!
    const height3 =
      (await own().locator('[data-power="6"]').boundingBox())!.y -
      (await own().locator('[data-power="9"]').boundingBox())!.y
    await page.mouse.move(x + 7, y + height / 2)
    await page.mouse.down()
    await page.mouse.move(x + 7, y + height / 2 - (height3 / 3) * 5, { steps: 20 })
    await page.mouse.up()
    await until(powers, withG(14))
    expect(await own().getByLabel('Symbol of 10 to the 14').inputValue()).toBe('G')
    await page.getByRole('button', { name: 'Undo' }).click()
    await until(powers, withG(9))
  })

  test('by the arrow keys, over a power that is taken', async () => {
    const { page } = desk
    await grip(9).focus()
    for (const power of [10, 11, 13, 14]) {
      await page.keyboard.press('ArrowUp')
      await grip(power).waitFor()
    }
    for (const power of [13, 11, 10, 9]) {
      await page.keyboard.press('ArrowDown')
      await grip(power).waitFor()
    }
    await until(powers, withG(9))
  })
})

test('what is no ladder is said at once, and nothing is lost meanwhile', async () => {
  await toLadders()
  const symbol = own().getByLabel('Symbol of 10 to the 6')
  await symbol.fill('k')
  await own().getByRole('alert').filter({ hasText: 'The symbol "k" is used twice.' }).waitFor()
  expect(await symbol.inputValue()).toBe('k')
  await symbol.fill('M')
  await until(() => own().getByRole('alert').count(), 0)
})

test('a rung is added, climbs by the arrow keys, and one that is fixed does not go without a word', async () => {
  const { page } = desk
  await head(0).getByRole('button', { name: 'add a rung' }).click()
  const grip = own()
    .getByRole('button', { name: 'Move V, at 10 to the 33' })
    .or(own().getByRole('button', { name: /at 10 to the 33$/ }))
    .first()
  await grip.focus()
  await page.keyboard.press('ArrowUp')
  await own()
    .getByRole('button', { name: /at 10 to the 34$/ })
    .waitFor()
  await saved()
  await toDesk()
  await page
    .getByRole('button', { name: /^rung:/ })
    .first()
    .click()
  await page
    .getByRole('option', { name: /^in megas?|^in M/ })
    .first()
    .click()
  await toLadders()
  await own().getByRole('button', { name: 'Remove M', exact: true }).click()
  await own().getByRole('alert').filter({ hasText: 'Revenue has labels fixed on M' }).waitFor()
  await page.getByRole('button', { name: 'keep it' }).click()
  expect(await own().locator('[data-power="6"]').count()).toBe(1)
  await own().getByRole('button', { name: 'Remove M', exact: true }).click()
  await page.getByRole('button', { name: /remove it; each label/ }).click()
  await until(() => own().locator('[data-power="6"]').count(), 0)
  await toDesk()
  await until(async () => (await marks())[0], '€1,739k')
})

test('a ladder in use goes only when that is said, and comes back with undo', async () => {
  const { page } = desk
  await toLadders()
  await head(0).getByRole('button', { name: 'delete', exact: true }).click()
  await page.getByText('Revenue uses it.').waitFor()
  await page.getByRole('button', { name: 'delete it anyway' }).click()
  await until(() => own().count(), 0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await own().waitFor()
})

describe('regions', () => {
  test('the same numbers stand in each region’s labels, with what others would read in them', async () => {
    const { page } = desk
    await page.getByRole('combobox', { name: 'Quantity on the page' }).click()
    await page.getByRole('option', { name: 'Depth', exact: true }).click()
    await page.getByRole('link', { name: 'Regions' }).click()
    const row = (locale: string) => page.locator(`[data-region="${locale}"]`)
    await row('de').getByText('23,125\u00a0m').first().waitFor()
    expect(await row('de').locator('.taken').innerText()).toContain(
      '23,125\u00a0m is 23,125 in English',
    )
    expect(await row('ar-EG').locator('bdi').first().getAttribute('dir')).toBe('rtl')
    // Beside them stands the page as it would be there, from right to left where it is read so.
    const drawn = async (region: string) => {
      const picture = page.getByRole('img', { name: `The page in ${region}` })
      return decodeURIComponent((await picture.getAttribute('src'))!)
    }
    const [german, arabic] = [await drawn('German'), await drawn('Arabic (Egypt)')]
    expect(german).toContain('>23,125\u00a0m</text>')
    expect([german, arabic].map((one) => one.includes('direction="rtl"'))).toEqual([false, true])
    await row('de').getByRole('button', { name: 'apply' }).click()
    await page.getByRole('link', { name: 'Desk' }).click()
    await until(async () => (await marks()).includes('23,125\u00a0m'), true)
  })
})
