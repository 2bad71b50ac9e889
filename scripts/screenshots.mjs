/**
 * Takes the pictures of `docs/screenshots` anew, from a demo that was just begun (`npm run demo -- --fresh` in another terminal):
 * `node scripts/screenshots.mjs http://127.0.0.1:4610 [name …]`. Look at each before it is committed.
 */
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { chromium } from '@playwright/test'
import { DEMO_PASSWORD } from './lib/demoSignIn.mjs'
import { refuse, ROOT, say } from './lib/run.mjs'

const [base, ...wanted] = process.argv.slice(2)
if (!base?.startsWith('http'))
  refuse('Say where the demo is: node scripts/screenshots.mjs http://127.0.0.1:4610')
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
/** What is reckoned beside the page is there by then. */
const SETTLES_MS = 2500

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const signIn = async (viewport, email) => {
  const isPhone = viewport === PHONE
  const page = await browser.newPage({ viewport, hasTouch: isPhone, isMobile: isPhone, baseURL: base })
  await page.goto('/sign-in')
  await page.getByLabel('E-mail').fill(email)
  await page.getByLabel('Password').fill(DEMO_PASSWORD)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.getByRole('heading', { name: 'Jobs' }).waitFor()
  return page
}
const desk = await signIn(DESK, 'imke@tern.invalid')
const phone = await signIn(PHONE, 'imke@tern.invalid')
const { jobs } = await (await desk.request.get('/api/jobs')).json()
const idOf = (title) => jobs.find((job) => job.title === title).id
const settled = (page) => page.waitForTimeout(SETTLES_MS)
const stage = async (page, title, at) => {
  await page.goto(`/jobs/${idOf(title)}/${at}`)
  await page
    .getByRole('heading', { name: new RegExp(title) })
    .first()
    .waitFor()
  await settled(page)
}
const part = async (page, name) => {
  await page.getByRole('tab', { name, exact: true }).click()
  await settled(page)
}
/** Pulls the drawing down, or folds it. */
const draw = async (wanted) => {
  const door = desk.getByRole('button', { name: wanted ? 'Pull down the drawing' : 'Fold the drawing' })
  if ((await door.count()) > 0) await door.click()
  await settled(desk)
}
const ownerLink = async (title) => {
  await desk.goto('/outbox')
  const links = [...new Set((await desk.content()).match(/\/o\/[\w-]+/g))]
  for (const link of links) {
    const text = await (await desk.request.get(link)).text()
    if (new RegExp(`<h1[^>]*>${title}`).test(text)) return link
  }
  return refuse(`No bid of ${title} is in the outbox: begin the demo afresh.`)
}

/** A row a picture: its name and how one comes there. Gives back the page that is then shown. */
const SHOTS = {
  jobs: async () => {
    await desk.goto('/jobs')
    await settled(desk)
    return desk
  },
  walk: async () => {
    await stage(desk, 'Alder House', 'walk')
    const findings = desk.getByRole('region', { name: 'Findings' })
    await findings.getByRole('listitem').nth(3).getByRole('button').click()
    await settled(desk)
    return desk
  },
  trace: async () => {
    await stage(desk, 'Alder House', 'trace')
    return desk
  },
  scope: async () => {
    await stage(desk, 'Alder House', 'scope')
    return desk
  },
  cut: async () => {
    await stage(desk, 'Alder House', 'cut')
    return desk
  },
  price: async () => {
    await stage(desk, 'Alder House', 'price')
    await desk.getByText('Fascia: piece in').first().click()
    await settled(desk)
    return desk
  },
  plan: async () => {
    await stage(desk, 'Alder House', 'plan')
    await draw(true)
    return desk
  },
  bid: async () => {
    await stage(desk, 'Alder House', 'bid')
    return desk
  },
  open: async () => {
    await stage(desk, 'Alder House', 'open')
    return desk
  },
  'day-sheet': async () => {
    await stage(desk, '7 Kelp Row', 'plan')
    await draw(false)
    await desk.getByRole('button', { name: 'Day sheets' }).click()
    await settled(desk)
    return desk
  },
  'survey-levels': async () => {
    await stage(desk, 'Heron Flats, lot 12', 'walk')
    await part(desk, 'Surveys')
    await desk.getByRole('button', { name: 'plan', exact: true }).click()
    await desk.getByRole('button', { name: /^Piers of a home, / }).click()
    await settled(desk)
    return desk
  },
  'survey-plumb': async () => {
    await stage(desk, '1190 Quarry Road', 'walk')
    await part(desk, 'Surveys')
    await desk.getByRole('button', { name: /^Wall out of plumb, / }).click()
    await settled(desk)
    return desk
  },
  'survey-deck': async () => {
    await stage(desk, '6 Plover Quay', 'walk')
    await part(desk, 'Surveys')
    await desk.getByRole('button', { name: /^Deck check, / }).click()
    await settled(desk)
    return desk
  },
  'walk-canvas': async () => {
    await stage(desk, 'Alder House', 'walk')
    await part(desk, 'Photos')
    await desk
      .getByRole('button', { name: /^Draw on/ })
      .filter({ hasText: 'drawn' })
      .first()
      .click()
    await settled(desk)
    return desk
  },
  'look-back': async () => {
    await desk.goto('/look-back')
    await desk.getByRole('region', { name: 'Job by job' }).waitFor({ timeout: 60_000 })
    await settled(desk)
    return desk
  },
  firm: async () => {
    await desk.goto('/firm')
    await settled(desk)
    return desk
  },
  // Last of the desk: it makes a job.
  house: async () => {
    await desk.goto('/jobs')
    await settled(desk)
    const quick = desk.getByRole('form', { name: 'New finding' })
    await quick.getByLabel('A word').fill('soft nose')
    await quick.getByRole('button', { name: 'New finding' }).click()
    await desk.getByRole('button', { name: /1 sill nose/ }).waitFor()
    await desk.getByLabel('Sides as you walk, house on the left hand').fill('42 L 30 L 41-6 L 30')
    await settled(desk)
    return desk
  },
  phones: async () => {
    const views = []
    const take = async () => views.push((await phone.screenshot()).toString('base64'))
    await stage(phone, 'Alder House', 'walk')
    await take()
    await stage(phone, '27 Osprey Lane', 'open')
    await phone.getByText('side casing').first().tap()
    await settled(phone)
    await phone.getByRole('button', { name: 'One more A wall stud' }).tap()
    await settled(phone)
    await take()
    await phone.goto(await ownerLink('Heron Flats, lot 12'))
    await settled(phone)
    await take()
    return sideBySide(views)
  },
}

/** A page with pictures of the phone beside each other. */
async function sideBySide(views) {
  const page = await browser.newPage({ viewport: { width: 3 * PHONE.width + 80, height: PHONE.height + 40 } })
  const pictures = views.map((view) => `<img src="data:image/png;base64,${view}" alt="">`).join('')
  await page.setContent(
    `<body style="margin:0;padding:20px;display:flex;gap:20px;background:#c9d0d0">${pictures}</body>`,
  )
  await page.waitForFunction(() => [...document.images].every((image) => image.complete))
  return page
}

/** The first page of the bid on paper. */
async function paper(file) {
  const link = await ownerLink('Alder House')
  const pdf = await (await desk.request.get(`/api/owner/${link.slice(3)}/pdf`)).body()
  const room = mkdtempSync(path.join(os.tmpdir(), 'bid-'))
  try {
    writeFileSync(path.join(room, 'bid.pdf'), pdf)
    execFileSync('pdftoppm', ['-png', '-r', '75', '-f', '1', '-l', '1', 'bid.pdf', 'page'], { cwd: room })
    const page = readdirSync(room).find((name) => name.startsWith('page-'))
    renameSync(path.join(room, page), file)
  } finally {
    rmSync(room, { recursive: true })
  }
}

for (const name of [...Object.keys(SHOTS), 'bid-pdf']) {
  if (wanted.length > 0 && !wanted.includes(name)) continue
  const file = path.join(ROOT, 'docs', 'screenshots', `${name}.png`)
  if (name === 'bid-pdf') await paper(file)
  else {
    const page = await SHOTS[name]()
    await page.screenshot({ path: file })
  }
  say(`${name} taken`)
}
await browser.close()
