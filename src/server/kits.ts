import 'server-only'
import { may } from '../core/firm'
import { FirmKit, withoutPrice } from '../core/scope/firmKit'
import { dropKit, listKits, saveKit } from '../db/queries/kits'
import { withTx } from '../db/tx'
import { context } from './context'
import { mustBeAllowed, type Member } from './http'

/** The kits this firm keeps, without prices for whoever sees no money. One of a shape no longer known is left out. */
export async function readKits(member: Member): Promise<FirmKit[]> {
  const { pool } = await context()
  const rows = await withTx(pool, member.companyId, listKits)
  const kits = rows.flatMap(({ body }) => {
    const kit = FirmKit.safeParse(body)
    return kit.success ? [kit.data] : []
  })
  return may(member.role, 'see-money') ? kits : kits.map(withoutPrice)
}

export async function keepKit(member: Member, kit: FirmKit): Promise<void> {
  mustBeAllowed(member, 'keep-kits', 'Keeping work for the firm')
  const { pool } = await context()
  await withTx(pool, member.companyId, (tx) => saveKit(tx, { name: kit.name, body: kit, by: member.name }))
}

export async function forgetKit(member: Member, name: string): Promise<void> {
  mustBeAllowed(member, 'keep-kits', 'Having the firm’s own work forgotten')
  const { pool } = await context()
  await withTx(pool, member.companyId, (tx) => dropKit(tx, name))
}
