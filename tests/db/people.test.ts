/** People of a firm on real PostgreSQL: invited by a link that works once, given roles, let go; a firm begun from nothing. */
import { afterAll, expect, test } from '@jest/globals'
import { randomUUID } from 'node:crypto'
import sharp from 'sharp'
import { readOwnerBid } from '../../src/server/bids/ownerBid'
import { beginFirm } from '../../src/server/beginFirm'
import { context } from '../../src/server/context'
import type { Member } from '../../src/server/http'
import { sealedMemberOf } from '../../src/server/http'
import { createJob } from '../../src/server/jobs/readJobs'
import { dropLogo, keepLogo, readLogo } from '../../src/server/logo'
import {
  giveRole,
  invite,
  join,
  letGo,
  readInvitation,
  readPeople,
  takeInvitationBack,
} from '../../src/server/people'
import { listMail } from '../../src/db/queries/bids'
import { withTx } from '../../src/db/tx'
import {
  appPool,
  asRole,
  authPool,
  closePools,
  newFirm,
  newMember,
  refusalOf,
  send,
  takeAlderHouse,
} from './support'

afterAll(closePools)

const tokenOf = (url: string): string => url.split('/join/')[1]!
const someone = (name = 'Nell Wherry') => ({
  name,
  email: `${randomUUID()}@test.invalid`,
  password: 'four words make one',
})
/** A firm whose first member really is one. */
async function peopled(): Promise<Member> {
  const firm = await newFirm()
  return { ...firm, userId: await newMember(firm.companyId, 'Tess Tingle', 'owner-estimator') }
}
/** Signs in through the library's own door and says who it is then. */
async function signedIn(email: string, password: string): Promise<Member | null> {
  const { auth } = await context()
  const { headers } = await auth.api.signInEmail({ body: { email, password }, returnHeaders: true })
  const cookie = headers.getSetCookie().map((each) => each.split(';')[0]!)
  return (await sealedMemberOf(new Headers({ cookie: cookie.join('; ') })))?.member ?? null
}

test('a link brings one person in, with the role it names, and opens no second time', async () => {
  const firm = await peopled()
  const { url } = await invite(firm, { name: 'Nell Wherry', role: 'crew', email: '' })
  expect(await readInvitation(tokenOf(url))).toEqual({
    firm: 'Test firm',
    name: 'Nell Wherry',
    role: 'crew',
    by: 'Tess Tingle',
  })
  const nell = someone()
  await join(tokenOf(url), nell, '10.0.0.1')
  expect(await signedIn(nell.email, nell.password)).toMatchObject({
    companyId: firm.companyId,
    role: 'crew',
    name: 'Nell Wherry',
  })
  expect(await refusalOf(join(tokenOf(url), someone('Another'), '10.0.0.1'))).toBe('invitation-over')
  expect(await refusalOf(readInvitation(tokenOf(url)))).toBe('invitation-over')
  const { members, invitations } = await readPeople(firm)
  expect(members.map((each) => [each.name, each.role, each.you])).toEqual([
    ['Nell Wherry', 'crew', false],
    ['Tess Tingle', 'owner-estimator', true],
  ])
  expect(invitations).toEqual([])
})

test('two who use one link at once: one is in, the other is told', async () => {
  const firm = await peopled()
  const { url } = await invite(firm, { name: '-', role: 'crew', email: '' })
  const ended = await Promise.all(
    [someone('One'), someone('Two')].map((each) =>
      join(tokenOf(url), each, '10.0.0.1').then(
        () => 'in',
        () => 'told',
      ),
    ),
  )
  expect(ended.sort()).toEqual(['in', 'told'])
  expect((await readPeople(firm)).members).toHaveLength(2)
})

test('a link taken back opens nothing; a mailed one lies in the outbox of its own firm', async () => {
  const firm = await peopled()
  const { id, url } = await invite(firm, { name: 'Nell', role: 'office', email: 'nell@test.invalid' })
  const mail = await withTx(appPool, firm.companyId, listMail)
  expect(mail.map((each) => [each.to_address, each.body.includes(url)])).toEqual([
    ['nell@test.invalid', true],
  ])
  const other = await peopled()
  expect(await refusalOf(takeInvitationBack(other, id))).toBe('not-found')
  await takeInvitationBack(firm, id)
  expect(await refusalOf(join(tokenOf(url), someone(), '10.0.0.1'))).toBe('invitation-over')
  expect(await refusalOf(takeInvitationBack(firm, id))).toBe('not-found')
})

test('an account that is there wants its own password, and may not belong elsewhere', async () => {
  const firm = await peopled()
  const nell = someone()
  await join(tokenOf((await invite(firm, { name: '-', role: 'crew', email: '' })).url), nell, '10.0.0.1')
  const other = await peopled()
  const { url } = await invite(other, { name: '-', role: 'crew', email: '' })
  expect(await refusalOf(join(tokenOf(url), nell, '10.0.0.2'))).toBe('address-taken')
  await letGo(firm, (await signedIn(nell.email, nell.password))!.userId)
  expect(await refusalOf(join(tokenOf(url), { ...nell, password: 'a guess of somebody' }, '10.0.0.2'))).toBe(
    'address-taken',
  )
  await join(tokenOf(url), nell, '10.0.0.2')
  expect(await signedIn(nell.email, nell.password)).toMatchObject({ companyId: other.companyId })
  expect(
    await refusalOf(
      join(
        tokenOf((await invite(other, { name: '-', role: 'crew', email: '' })).url),
        { ...someone(), password: 'short' },
        '10.0.0.2',
      ),
    ),
  ).toBe('short-password')
})

test('roles are given by the owner alone; the last owner neither steps down nor goes', async () => {
  const firm = await peopled()
  const second = await newMember(firm.companyId, 'Runa', 'office')
  for (const role of ['office', 'crew', 'apprentice'] as const) {
    expect(await refusalOf(giveRole(asRole(firm, role), second, 'owner-estimator'))).toBe('not-for-role')
    expect(await refusalOf(invite(asRole(firm, role), { name: 'x', role: 'crew', email: '' }))).toBe(
      'not-for-role',
    )
  }
  expect(await refusalOf(giveRole(firm, firm.userId, 'office'))).toBe('last-owner')
  expect(await refusalOf(letGo(firm, firm.userId))).toBe('last-owner')
  expect(await refusalOf(letGo(await peopled(), second))).toBe('not-found')
  await giveRole(firm, second, 'owner-estimator')
  // Both step down at once: one of them stays.
  const ended = await Promise.allSettled([
    giveRole(firm, firm.userId, 'crew'),
    giveRole(firm, second, 'crew'),
  ])
  expect(ended.map((each) => each.status).sort()).toEqual(['fulfilled', 'rejected'])
  const { members } = await readPeople(firm)
  expect(members.filter((each) => each.role === 'owner-estimator')).toHaveLength(1)
})

test('whoever is let go is signed out at once', async () => {
  const firm = await peopled()
  const nell = someone()
  await join(tokenOf((await invite(firm, { name: '-', role: 'crew', email: '' })).url), nell, '10.0.0.1')
  const { userId } = (await signedIn(nell.email, nell.password))!
  await letGo(firm, userId)
  const { rows } = await authPool.query('select 1 from session where user_id = $1', [userId])
  expect(rows).toHaveLength(0)
  await expect(signedIn(nell.email, nell.password)).rejects.toThrow(/belong to no firm/)
})

test('a firm begun from nothing: its first person comes by a link and may do everything there', async () => {
  const { baseUrl } = await context()
  const { companyId, url } = await beginFirm(appPool, { name: 'Heron & Rasp', baseUrl })
  const first = someone('Ada Fell')
  await join(tokenOf(url), first, '10.0.0.1')
  const member = (await signedIn(first.email, first.password))!
  expect(member).toMatchObject({ companyId, role: 'owner-estimator' })
  await createJob(member, { id: 'first', title: 'first', timeZone: 'Etc/UTC' })
})

test('a mark is a picture; the bid carries it as it was on the day it left', async () => {
  const firm = await peopled()
  const id = await takeAlderHouse(firm)
  const mark = await sharp({ create: { width: 200, height: 60, channels: 3, background: '#2f6b52' } })
    .png()
    .toBuffer()
  expect(await refusalOf(keepLogo(firm, Buffer.from('<svg onload="x"/>')))).toBe('not-a-picture')
  expect(await refusalOf(keepLogo(asRole(firm, 'office'), mark))).toBe('not-for-role')
  const { logo } = await keepLogo(firm, mark)
  expect(await readLogo(asRole(firm, 'crew'))).toEqual({ logo })
  const { token } = await send(firm, id)
  await dropLogo(firm)
  expect((await readOwnerBid(token)).model.firm.logo_sha256).toBe(logo)
  expect((await readOwnerBid((await send(firm, id)).token)).model.firm.logo_sha256).toBeUndefined()
})
