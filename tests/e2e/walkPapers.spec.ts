/** What comes to the walk on paper and in pictures: a list to answer, photos as canvas, many photos at once. */
import { expect, test, type Locator, type Page } from '@playwright/test'
import { drawnFront } from '../../demo/photos'
import { jobOf, openOwn, part } from './ownJob'
import { allSent, expectAccessible, openStage, PEOPLE, photo, signIn } from './support'

/** Takes the drawn front in as a photo and opens it to be drawn on. */
async function openFront(page: Page): Promise<{ picture: Locator; box: { width: number; height: number } }> {
  await part(page, 'Photos')
  await page
    .getByLabel('Photos to take in')
    .setInputFiles({ name: 'front.jpg', mimeType: 'image/jpeg', buffer: await drawnFront() })
  await page.getByRole('button', { name: 'Draw on photo 1' }).click()
  const picture = page.getByRole('dialog').getByRole('img', { name: /^Drawn over it/ })
  // The drawing is as large as its picture once that is there: measured before, both taps fall on one point.
  const shape = async (): Promise<number> => {
    const box = await picture.boundingBox()
    return box ? box.height / box.width : 0
  }
  await expect.poll(shape).toBeCloseTo(800 / 1200, 1)
  return { picture, box: (await picture.boundingBox())! }
}

test('a list is pasted, answered item by item, and holds the bid until it is', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await part(page, 'List')
  await page
    .getByLabel('Paste the list')
    .fill('Addendum of 4 May\n1. Sill soft at the front\n2) Outlet loose\n   at the deck')
  await page.getByRole('button', { name: 'Take in 2 items' }).click()
  const list = page.getByRole('region', { name: 'Response list' })
  await expect(list.getByRole('heading', { name: '2 of 2 items to answer' })).toBeVisible()
  await openStage(page, 'Bid')
  await expect(page.getByText('Answer every item of the response list: 1, 2 are open.')).toBeVisible()
  await openStage(page, 'Walk')
  await list.getByLabel('Answer to 1').selectOption('no-defect')
  await expect(list.getByText('Say how it was looked at, by whom and when.')).toBeVisible()
  await list.getByLabel(/How it was looked at/).fill('pressed and probed, 5 May')
  await list.getByLabel('Answer to 2').selectOption('refer')
  await list.getByLabel('Which licensed trade').fill('a licensed electrician')
  await list.getByLabel('Which licensed trade').blur()
  await expect(list.getByRole('heading', { name: 'All 2 items answered' })).toBeVisible()
  await page.getByLabel('To be answered by').fill('2030-01-31')
  await expect(page.getByText(/^Due in \d+ days/)).toBeVisible()
  await expectAccessible(page)
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.response_list).toMatchObject({ title: 'Addendum of 4 May', due_on: '2030-01-31' })
  expect(job.response_items.map((item) => item.answer)).toEqual(['no-defect', 'refer'])
  await openStage(page, 'Bid')
  await expect(page.getByRole('tabpanel', { name: /^Bid/ })).toContainText(
    'for a licensed trade — a licensed electrician',
  )
})

test('a list comes as CSV, columns found by their heads', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  await openOwn(page)
  await part(page, 'List')
  const csv = 'No,Description,Place\r\n3.1,"Sill soft, front",front\r\n3.2,Fascia loose,\r\n'
  await page
    .getByLabel('CSV file of the list')
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await page.getByRole('button', { name: 'Take in 2 items' }).click()
  await expect(page.getByRole('region', { name: 'Response list' })).toContainText(
    'Sill soft, front; Place: front',
  )
})

test('a photo becomes the canvas of its side: scale by two taps, a finding stands on the strip', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const { picture, box } = await openFront(page)
  // The drawn door: 80 in high, its foot at 20 ft and 32 in up. Half an inch to a pixel of 1200 × 800.
  const at = (ft: number, up_in: number): { x: number; y: number } => ({
    x: ((96 + ft * 24) / 1200) * box.width,
    y: ((720 - up_in * 2) / 800) * box.height,
  })
  await picture.click({ position: at(20, 112) })
  await picture.click({ position: at(20, 32) })
  const scale = page.getByRole('form', { name: 'Scale of the picture' })
  await scale.getByLabel('Its lower end: station').fill('20')
  await scale.getByLabel('Height above the ground').fill('32')
  await scale.getByRole('button', { name: 'Set the scale' }).click()
  await expect(page.getByText(/^Canvas of side A/)).toBeVisible()
  await picture.click({ position: at(30, 60) })
  await page.getByRole('button', { name: 'Length', exact: true }).click()
  const [a, b] = [at(31, 90), at(35, 90)]
  await picture.click({ position: a })
  await picture.click({ position: b })
  await expect(page.getByRole('button', { name: /^length (3' 1[01]|4')/ })).toBeVisible()
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await expect(page.getByRole('button', { name: /^Finding 1/ })).toBeAttached()
  await allSent(page)
  const job = await jobOf(page, id)
  const place = job.findings[0]?.place
  if (place?.kind !== 'side') throw new Error('The finding is not on the side.')
  // Within two inches: the taps fall on whole pixels of a picture shown smaller than it is.
  expect(Math.abs(place.station - 30 * 768)).toBeLessThan(2 * 64)
  expect(Math.abs(place.height.value - 60 * 64)).toBeLessThan(2 * 64)
  expect(job.photos[0]).toMatchObject({
    canvas: { side_id: 'side-a', length: 80 * 64 },
    marks: [{ kind: 'length' }],
  })
})

test('pictures are put on a side together and dragged into another order; other files are refused with a word', async ({
  page,
}) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  await part(page, 'Photos')
  const { buffer } = await photo()
  const input = page.getByLabel('Photos to take in')
  await input.setInputFiles([
    { name: 'a.jpg', mimeType: 'image/jpeg', buffer },
    { name: 'b.jpg', mimeType: 'image/jpeg', buffer: await drawnFront() },
    { name: 'c.heic', mimeType: 'image/heic', buffer: Buffer.from('not a picture') },
  ])
  await expect(
    page.getByRole('alert').filter({ hasText: 'c.heic: This is no JPEG, PNG or WebP picture' }),
  ).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Photos: 2 of 300' })).toBeVisible()
  await page.getByRole('button', { name: 'Pick all' }).click()
  await page.getByLabel('These 2 →').selectOption({ label: 'C back' })
  const second = page.getByRole('button', { name: 'Photo 2, drag to another place' })
  await second.focus()
  await page.keyboard.press('Space')
  await expect(page.getByText(/^Photo 2 over place 2\.$/)).toBeAttached()
  // The library listens for arrows in a timer of its own, after it has said where the picture is:
  // a key sent by a program at once is not heard, so it is pressed until it is. More is no further: 1 is the first.
  await expect(async () => {
    await page.keyboard.press('ArrowLeft')
    await expect(page.getByText(/^Photo 2 over place 1\.$/)).toBeAttached({ timeout: 1000 })
  }).toPass({ timeout: 15_000 })
  await page.keyboard.press('Space')
  await expect(page.getByText(/put down at place 1\.$/)).toBeAttached()
  await allSent(page)
  const { photos } = await jobOf(page, id)
  expect(photos.map((each) => (each.place.kind === 'side' ? each.place.side_id : null))).toEqual([
    'side-c',
    'side-c',
  ])
  expect(photos[1]!.order).toBeLessThan(photos[0]!.order)
})

/** Half a second of silence as a WAV file: a header of 44 bytes and samples of nought. */
function silence(): Buffer {
  const samples = 4000
  const file = Buffer.alloc(44 + samples)
  file.write('RIFF', 0)
  file.writeUInt32LE(36 + samples, 4)
  file.write('WAVEfmt ', 8)
  file.writeUInt32LE(16, 16)
  file.writeUInt16LE(1, 20)
  file.writeUInt16LE(1, 22)
  file.writeUInt32LE(8000, 24)
  file.writeUInt32LE(8000, 28)
  file.writeUInt16LE(1, 32)
  file.writeUInt16LE(8, 34)
  file.write('data', 36)
  file.writeUInt32LE(samples, 40)
  file.fill(128, 44)
  return file
}

test('a voice note stands by its finding; what is no sound is refused with a word', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const say = page.getByLabel('A word, or a whole line')
  await say.fill('A1 sill nose soft')
  await say.press('Enter')
  const form = page.getByRole('region', { name: /^Finding/ })
  const input = form.getByLabel('Voice note or clip from a file')
  await input.setInputFiles({ name: 'x.txt', mimeType: 'text/plain', buffer: Buffer.from('words') })
  await expect(form.getByRole('alert')).toContainText('This is no sound or film we can keep')
  await input.setInputFiles({ name: 'note.wav', mimeType: 'audio/wav', buffer: silence() })
  await expect(form.getByLabel('Voice note', { exact: true })).toBeVisible()
  await allSent(page)
  const job = await jobOf(page, id)
  expect(job.findings[0]?.clip_ids).toEqual([job.clips[0]?.id])
  const answer = await page.request.get(`/api/clips/${job.clips[0]?.sha256}`)
  expect(answer.status()).toBe(200)
  expect(answer.headers()['content-type']).toBe('audio/wav')
})

test('an odd shape is outlined on the picture and stands on the wall', async ({ page }) => {
  await signIn(page, PEOPLE.estimator)
  const id = await openOwn(page)
  const { picture, box } = await openFront(page)
  const at = (x: number, y: number): { x: number; y: number } => ({ x: x * box.width, y: y * box.height })
  await picture.click({ position: at(0.48, 0.795) })
  await picture.click({ position: at(0.48, 0.595) })
  await page
    .getByRole('form', { name: 'Scale of the picture' })
    .getByLabel('Its lower end: station')
    .fill('20')
  await page.getByRole('button', { name: 'Set the scale' }).click()
  await page.getByRole('button', { name: 'Outline', exact: true }).click()
  await page.getByLabel('What it is').fill('stepped gable')
  for (const [x, y] of [
    [0.3, 0.4],
    [0.4, 0.4],
    [0.4, 0.3],
  ] as const) {
    await picture.click({ position: at(x, y) })
  }
  await page.getByRole('button', { name: 'Finish with 3 corners' }).click()
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await expect(page.getByRole('button', { name: /^outline A4/ })).toBeAttached()
  await allSent(page)
  const outline = (await jobOf(page, id)).features.find((each) => each.kind === 'outline')
  expect(outline).toMatchObject({ what: 'stepped gable', size_how: 'scaled' })
})
