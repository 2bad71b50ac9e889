import type { Metadata } from 'next'
import { headers } from 'next/headers'
import type { BidModel } from '../../../core/bid'
import type { OwnerChoice } from '../../../core/contract'
import type { Locale } from '../../../core/lists/locales'
import { formatCents, momentWords } from '../../../core/measure'
import type { Reader } from '../../../core/reading/reader'
import { readSections } from '../../../core/reading/readSections'
import { inSpanish } from '../../../core/reading/spanish'
import { readOwnerBid, titlesOf, type OwnerBid as OwnersBid } from '../../../server/bids/ownerBid'
import { problemWords, Refused } from '../../../server/problem'
import { readOwnerHandover, type OwnerHandover } from '../../../server/close/handover'
import { readOwnerOrders, type OwnerOrder, type OwnerOrders } from '../../../server/orders/ownerOrder'
import { orderSections } from '../../../core/open/orderModel'
import { SectionsView } from '../../../ui/bid/BidView'
import { AnswerOrder } from '../../../ui/owner/OrderPage'
import { LinkButton } from '../../../ui/look/Button'
import { Notice } from '../../../ui/look/Notice'
import { ownerMessages, ownerWords, type OwnerWords } from '../../../ui/messages/owner'
import { ownerDay } from '../../../ui/messages/ownerDay'
import { ownerLocale } from '../../../ui/messages/ownerLocale'
import { OwnerBid } from '../../../ui/owner/OwnerBid'
import { OwnerTongue } from '../../../ui/owner/OwnerTongue'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Your repair bid', robots: { index: false, follow: false } }

type Found =
  | { readonly bid: OwnersBid; readonly orders: OwnerOrders; readonly handed: OwnerHandover | null }
  | { readonly words: string }

async function read(token: string): Promise<Found> {
  try {
    const orders = await readOwnerOrders(token)
    return { bid: await readOwnerBid(token), orders, handed: await readOwnerHandover(token) }
  } catch (error) {
    if (error instanceof Refused) return { words: problemWords(error.error) }
    throw error
  }
}

/** The language of the page: its words, how it says a day, and what reads what was sent; null: it stands as it was sent. */
type Tongue = {
  readonly locale: Locale
  readonly words: OwnerWords
  readonly day: (day: string) => string
  readonly reader: Reader | null
  readonly say: (text: string) => string
}

function tongueOf(locale: Locale): Tongue {
  const reader = locale === 'es' ? inSpanish : null
  return {
    locale,
    words: ownerWords(locale),
    day: (day) => ownerDay(day, locale),
    reader,
    say: (text) => reader?.(text).text ?? text,
  }
}

type Asked = {
  params: Promise<{ token: string }>
  searchParams: Promise<Record<string, string | string[] | undefined>>
}

/** The owner's page: no account, only this link. */
export default async function OwnerPage({ params, searchParams }: Asked) {
  const { token } = await params
  const { lang } = await searchParams
  const asked = typeof lang === 'string' ? lang : undefined
  const tongue = tongueOf(ownerLocale(asked, (await headers()).get('accept-language')))
  const { locale, words, day } = tongue
  const found = await read(token)
  if ('words' in found) {
    return (
      <main lang={locale} className="mx-auto max-w-xl p-6">
        <h1 className="pb-3 text-[22px]">{words('cannotOpen')}</h1>
        <Notice tone="waiting">{tongue.say(found.words)}</Notice>
      </main>
    )
  }
  if (found.orders.order)
    return <OrderPage token={token} order={found.orders.order} all={found.orders} tongue={tongue} />
  const { model, hash, number, superseded, accepted, messages } = found.bid
  const part = accepted
    ? accepted.choice.left.length + accepted.choice.taken.length + accepted.choice.looks.length > 0
    : false
  return (
    <main lang={locale} className="py-4 max-sm:py-0 print:py-0">
      <OtherTongue words={words} locale={locale} />
      {superseded && !accepted ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone="waiting">{tongue.say(problemWords({ kind: 'bid-superseded' }))}</Notice>
        </div>
      ) : null}
      {found.handed ? <HandedOver token={token} handed={found.handed} tongue={tongue} /> : null}
      {accepted ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone="done">
            {words(part ? 'acceptedPart' : 'accepted', {
              by: accepted.by,
              day: day(accepted.at.slice(0, 10)),
              sum: formatCents(accepted.total_cents),
            })}{' '}
            {part ? partWords(model, accepted.choice, tongue) : ''}{' '}
            {accepted.replaced ? words('newerAccepted') : words('thanks')}
          </Notice>
        </div>
      ) : null}
      <ChangesSince token={token} orders={found.orders} tongue={tongue} />
      <OwnerBid
        token={token}
        hash={hash}
        number={number}
        model={model}
        messages={messages}
        open={!accepted && !superseded}
        past={found.handed !== null}
        locale={locale}
        reader={tongue.reader}
      />
      <div className="no-print mx-auto flex max-w-4xl flex-wrap gap-2 bg-paper px-6 pb-4 max-sm:px-4">
        <LinkButton href={`/api/owner/${token}/pdf`}>{words('bidPdf')}</LinkButton>
        {accepted ? (
          <LinkButton href={`/api/owner/${token}/pdf?form=accepted`}>{words('acceptedPdf')}</LinkButton>
        ) : (
          <LinkButton href={`/api/owner/${token}/pdf?form=short`}>{words('onePage')}</LinkButton>
        )}
        {accepted ? null : (
          <LinkButton href={`/api/owner/${token}/calendar`} download>
            {words('lastDay')}
          </LinkButton>
        )}
      </div>
    </main>
  )
}

/** To the other language and back, and what the page is that is read in it. No script is needed. */
function OtherTongue({ words, locale }: Pick<Tongue, 'words' | 'locale'>) {
  const other = locale === 'es' ? 'en' : 'es'
  return (
    <div className="no-print mx-auto max-w-4xl px-6 pb-1 text-[14px] max-sm:px-4">
      {words('reading') ? <span className="text-quiet">{words('reading')} </span> : null}
      <a
        className="inline-flex min-h-11 items-center text-chalk-text underline"
        href={`?lang=${other}`}
        lang={other}
      >
        {words('other')}
      </a>
    </div>
  )
}

/** What was left out and taken besides, by name. */
function partWords(model: BidModel, choice: OwnerChoice, { words, say }: Tongue): string {
  const titles = titlesOf(model)
  const named = (ids: readonly string[]): string => ids.map((id) => say(titles.get(id) ?? id)).join('; ')
  return [
    choice.left.length > 0 ? words('leftOpen', { titles: named(choice.left) }) : '',
    choice.taken.length + choice.looks.length > 0
      ? words('takenBesides', { titles: named([...choice.taken, ...choice.looks]) })
      : '',
  ]
    .filter(Boolean)
    .join(' ')
}

/** The work is done: its paper, and what keeps it so for the calendar. */
function HandedOver(props: { token: string; handed: OwnerHandover; tongue: Tongue }) {
  const {
    token,
    handed,
    tongue: { words, day },
  } = props
  const { model } = handed
  const open = model.items.filter(({ finished_on }) => finished_on === null).length
  return (
    <section
      aria-label={words('handedOver')}
      className="mx-auto mb-3 max-w-4xl border border-rule bg-paper px-6 py-4 max-sm:px-4"
    >
      <h1 className="text-[19px]">{words('handedOn', { day: day(model.on) })}</h1>
      {model.words ? <p className="py-1">{model.words}</p> : null}
      {open > 0 ? (
        <p className="py-1 text-pencil-text">{words('notDone', { open, all: model.items.length })}</p>
      ) : null}
      <p className="py-1">{words('handedSays')}</p>
      <p className="no-print flex flex-wrap gap-2 py-1">
        <LinkButton href={`/api/owner/${token}/handover/pdf`} look="main">
          {words('workPdf')}
        </LinkButton>
        <LinkButton href={`/api/owner/${token}/handover/calendar`} download>
          {words('upkeepFile')}
        </LinkButton>
      </p>
    </section>
  )
}

/** Changes of an accepted bid, each with its sum and what was said to it, and what is agreed by now. */
function ChangesSince(props: { token: string; orders: OwnerOrders; tongue: Tongue }) {
  const {
    token,
    orders,
    tongue: { words },
  } = props
  const shown = orders.all.filter(({ standing }) => standing !== 'withdrawn')
  if (shown.length === 0 || orders.agreed_cents === null) return null
  return (
    <section
      aria-label={words('changes')}
      className="mx-auto mb-3 max-w-4xl border border-rule bg-paper px-6 py-4 max-sm:px-4"
    >
      <h2 className="flex items-baseline justify-between gap-4 text-[19px]">
        <span>{words('agreed')}</span>
        <span>{formatCents(orders.agreed_cents)}</span>
      </h2>
      <ul>
        {shown.map(({ model, standing }) => (
          <li key={model.id} className="flex items-baseline justify-between gap-4 border-t border-rule py-1">
            <span>
              <a className="underline" href={`/api/owner/${token}/orders/${model.id}/pdf`}>
                {words('changeOrder', { number: model.number })}
              </a>
              , {words(`said${standing}`)}
            </span>
            <span className="tabular-nums">{formatCents(model.total_cents)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** A change order as its owner reads it, and where he says yes or no. */
function OrderPage(props: { token: string; order: OwnerOrder; all: OwnerOrders; tongue: Tongue }) {
  const { token, order, all, tongue } = props
  const { words, say, reader, locale } = tongue
  const { model, hash, standing, answered } = order
  const signed =
    answered && (standing === 'yes' || standing === 'no')
      ? { says: standing, by: answered.by, at: answered.at, onGlass: answered.onGlass }
      : null
  const sections = orderSections(model, signed)
  return (
    <main lang={locale} className="py-4 max-sm:py-0 print:py-0">
      <OtherTongue words={words} locale={locale} />
      {signed ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone={signed.says === 'yes' ? 'done' : 'waiting'}>
            {words(signed.says === 'yes' ? 'bySaidYes' : 'bySaidNo', {
              by: signed.by,
              day: momentWords(signed.at, model.time_zone),
            })}{' '}
            {signed.onGlass ? words('onGlass') : ''}{' '}
            {all.agreed_cents === null ? '' : words('agreedSum', { sum: formatCents(all.agreed_cents) })}
          </Notice>
        </div>
      ) : standing === 'withdrawn' ? (
        <div className="mx-auto max-w-4xl pb-3">
          <Notice tone="waiting">{say(problemWords({ kind: 'order-withdrawn' }))}</Notice>
        </div>
      ) : null}
      <SectionsView
        sections={reader ? readSections(sections, reader).sections : sections}
        pictureSrc={(sha256) => `/api/owner/${token}/orders/${model.id}/picture/${sha256}`}
      />
      {standing === 'waits' ? (
        <OwnerTongue locale={locale} messages={ownerMessages(locale)}>
          <AnswerOrder
            token={token}
            orderId={model.id}
            hash={hash}
            number={model.number}
            total_cents={model.total_cents}
          />
        </OwnerTongue>
      ) : null}
      <div className="no-print mx-auto flex max-w-4xl bg-paper px-6 pb-4 max-sm:px-4">
        <LinkButton href={`/api/owner/${token}/orders/${model.id}/pdf`}>{words('orderPdf')}</LinkButton>
        <LinkButton href={`/api/owner/${token}/pdf`}>{words('theBidPdf')}</LinkButton>
      </div>
    </main>
  )
}
