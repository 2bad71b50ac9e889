/** A whole job without a mouse: nothing here clicks, fills or focuses by script, only keys are pressed. */
import { expect, test, type Locator, type Page } from '@playwright/test'
import { PEOPLE, signIn } from './support'

/** Controls passed on the way are as many as a person would put up with. */
const FURTHEST = 160
let pressed = 0

async function press(page: Page, key: string): Promise<void> {
  pressed += 1
  await page.keyboard.press(key)
}

async function type(page: Page, text: string): Promise<void> {
  pressed += text.length
  await page.keyboard.type(text)
}

/** Tabs on until a control has the focus, and says how many steps that took. */
async function reach(page: Page, control: Locator, by: 'Tab' | 'Shift+Tab' = 'Tab'): Promise<number> {
  await expect(control).toBeVisible()
  for (let steps = 0; steps <= FURTHEST; steps += 1) {
    if (await control.evaluate((node) => node === document.activeElement)) {
      // Whoever tabs sees where he is.
      const ring = await control.evaluate((node) => getComputedStyle(node).outlineStyle)
      expect(ring).not.toBe('none')
      return steps
    }
    await press(page, by)
  }
  throw new Error(`${String(control)} is not within ${FURTHEST} steps of Tab.`)
}

async function use(page: Page, control: Locator, key: 'Enter' | ' ' = 'Enter'): Promise<void> {
  await reach(page, control)
  await press(page, key)
}

test('from a word to an accepted bid, keys alone', async ({ page, browser }) => {
  test.setTimeout(240_000)
  await signIn(page, PEOPLE.estimator)
  await reach(page, page.getByLabel('A word'))
  await type(page, 'sill nose soft two feet')
  await press(page, 'Enter')
  await expect(page.getByRole('button', { name: /1 sill nose/ })).toBeVisible()

  // The way past the header, then the house in one line.
  await use(page, page.getByRole('link', { name: 'To the work' }))
  await reach(page, page.getByLabel('Sides as you walk, house on the left hand'))
  await type(page, '40 L 30 L 40 L 30')
  await press(page, 'Enter')
  await expect(page.getByRole('button', { name: /Side A, front, 40'/ })).toBeVisible()

  // One key to the line, from the middle of anything that is no field.
  await use(page, page.getByRole('link', { name: 'To the work' }))
  await press(page, 'l')
  await expect(page.getByLabel('A word, or a whole line')).toBeFocused()
  await type(page, 'right side, five foot in, fascia, five foot deep')
  await press(page, 'Enter')
  await expect(page.getByRole('button', { name: /2 fascia/ })).toBeVisible()
  await type(page, 'corner board front left, fourteen inches, deep')
  await press(page, 'Enter')
  await expect(page.getByRole('button', { name: /3 corner board/ })).toBeVisible()

  // A slip is taken back: Escape leaves the field, u undoes.
  await type(page, 'nonsense that nobody wants')
  await press(page, 'Enter')
  await expect(page.getByRole('button', { name: /^4 / })).toBeVisible()
  await use(page, page.getByRole('button', { name: 'Undo' }))
  await expect(page.getByRole('button', { name: /^4 / })).toHaveCount(0)

  // Stages by their number; all that is advised by one control.
  await press(page, '3')
  await use(page, page.getByRole('button', { name: /^Take all advised/ }))
  await expect(page.getByText('0 open').first()).toBeVisible()
  await press(page, '5')
  await expect(page.getByRole('row', { name: /^Total/ })).toContainText('$')
  await press(page, 'f')
  await press(page, 'f')
  await press(page, '?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await press(page, 'Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)

  // Who it is for.
  await use(page, page.getByRole('button', { name: 'Job details' }))
  const details = page.getByRole('dialog', { name: 'Job details' })
  await reach(page, details.getByLabel('Name of the job'))
  const title = `Keys ${Date.now().toString(36)}`
  await type(page, title)
  await use(page, details.getByRole('button', { name: 'Add a person' }))
  await reach(page, details.getByLabel('Name', { exact: true }), 'Shift+Tab')
  await type(page, 'Odile Marrow')
  await use(page, details.getByRole('button', { name: 'Done' }))
  await expect(page.getByRole('heading', { name: new RegExp(title) })).toBeVisible()

  // Looked over, and sent.
  await press(page, '7')
  await use(page, page.getByRole('button', { name: 'Send the bid' }))
  const before = page.getByRole('dialog', { name: 'As the owner will see it' })
  await use(page, before.getByRole('button', { name: /^Send it/ }))
  const link = page.getByRole('link', { name: /\/o\// })
  await expect(link).toBeVisible({ timeout: 40_000 })

  // The owner, with keys too.
  const owner = await browser.newPage()
  await owner.goto((await link.getAttribute('href'))!)
  await use(owner, owner.getByRole('button', { name: 'Say yes…' }))
  const yes = owner.getByRole('dialog', { name: 'Say yes to this bid' })
  await reach(owner, yes.getByLabel('Your full name'))
  await type(owner, 'Odile Marrow')
  await use(owner, yes.getByRole('button', { name: 'Yes, do it' }))
  await expect(owner.getByText(/Accepted by Odile Marrow/)).toBeVisible()
  await owner.close()
  test.info().annotations.push({ type: 'keys', description: `${pressed} keys` })
})
