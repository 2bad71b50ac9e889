import { OWNER_SAYS } from '../../core/catalogue/sentences/owner'
import type { BidModel } from '../../core/bid'
import type { Choosable } from '../../core/bid/choose'
import type { Locale } from '../../core/lists/locales'
import type { Reader } from '../../core/reading/reader'
import { readSections } from '../../core/reading/readSections'
import { ownerMessages, ownerWords } from '../messages/owner'
import { ownerDay } from '../messages/ownerDay'
import type { MessageAnswer } from '../../core/contract/owner'
import { BidView } from '../bid/BidView'
import { AskPanel } from './AskPanel'
import { ChoosingProvider, type Named } from './Choosing'
import { OwnerTongue } from './OwnerTongue'
import { SayYes } from './SayYes'
import { WorkChoice } from './WorkChoice'

/** Of the bid what a choice is reckoned by and called, and no more: the page itself is read without a script. */
function choosableOf(model: BidModel, say: (text: string) => string): { bid: Choosable; named: Named[] } {
  const { items, beside, together, looks, adjustment, discount, choosing } = model
  return {
    bid: {
      items: items.map(({ id, price_cents, leave, requires }) => ({ id, price_cents, leave, requires })),
      beside: beside
        .filter(({ takeable }) => takeable)
        .map(({ id, price_cents, takeable, instead_of, saves_cents, requires }) => ({
          id,
          price_cents,
          takeable,
          instead_of,
          saves_cents,
          requires,
        })),
      together,
      looks: looks.map(({ id, price_cents }) => ({ id, price_cents })),
      adjustment,
      discount,
      choosing,
    },
    named: [
      ...items.map(({ id, title, where, left_out }) => ({
        id,
        title: say(`${title} (${where})`),
        left_out: say(left_out),
      })),
      ...beside
        .filter(({ takeable }) => takeable)
        .map(({ id, title, where }) => ({ id, title: say(`${title} (${where})`), left_out: '' })),
      ...looks.map(({ id, says }) => ({ id, title: say(says), left_out: say(OWNER_SAYS.leaveOther) })),
    ],
  }
}

/** The bid as its owner reads it, chooses from it, asks about it and says yes to it. */
export function OwnerBid({
  token,
  hash,
  number,
  model,
  messages,
  open,
  past,
  locale,
  reader,
}: {
  token: string
  hash: string
  number: number
  model: BidModel
  messages: readonly MessageAnswer[]
  /** It can be chosen from and accepted; else it is read, and asked about. */
  open: boolean
  /** Its work was handed over: what it says of the house was before that, and is folded away. */
  past: boolean
  locale: Locale
  /** Reads the bid into the language of the page; null: it stands as it was sent. */
  reader: Reader | null
}) {
  const words = ownerWords(locale)
  const say = (text: string): string => reader?.(text).text ?? text
  const { bid, named } = choosableOf(model, say)
  const read = reader && {
    sections: (all: Parameters<typeof readSections>[0]) => readSections(all, reader).sections,
    labels: {
      items: (count: number) => words('items', { count }),
      consistent: words('consistent'),
      spots: words('spots'),
      itsFix: words('itsFix'),
      drawing: words('drawing'),
    },
  }
  const view = (
    <BidView
      model={model}
      folded
      pictureSrc={(sha256) => `/api/owner/${token}/picture/${sha256}`}
      {...(read ? { read } : {})}
      {...(open ? { workFoot: (id: string) => <WorkChoice id={id} /> } : {})}
    />
  )
  return (
    <OwnerTongue locale={locale} messages={ownerMessages(locale)}>
      <ChoosingProvider key={number} bid={bid} named={named}>
        {past ? (
          <details className="mx-auto max-w-4xl bg-paper">
            <summary className="cursor-pointer px-6 py-3 font-head text-[16px] text-chalk-text underline max-sm:px-4 touch:min-h-11">
              {words('bidBefore')}
            </summary>
            {view}
          </details>
        ) : (
          view
        )}
        <AskPanel token={token} messages={messages} />
        {open ? (
          <SayYes
            token={token}
            hash={hash}
            replaces={model.replaces?.number ?? null}
            until={ownerDay(model.valid_until, locale)}
            payments={{
              ...model.payments,
              stages: model.payments.stages.map((each) => ({ ...each, when: say(each.when) })),
            }}
          />
        ) : null}
      </ChoosingProvider>
    </OwnerTongue>
  )
}
