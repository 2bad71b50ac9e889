import { OrderAnswerRequest } from '../../../../../core/contract'
import { answer, readJson, reply } from '../../../../../server/http'
import { answerOrder } from '../../../../../server/orders/ownerOrder'

type Context = { params: Promise<{ token: string }> }

/** The owner's yes or no to a change order. */
export const POST = (request: Request, { params }: Context): Promise<Response> =>
  answer(request, async () => {
    const { token } = await params
    const said = await readJson(request, OrderAnswerRequest, { bytes: 200_000, words: '200 kB' })
    const { answered, standing } = await answerOrder(token, said)
    return reply({ answered: { says: standing, by: answered!.by, at: answered!.at } })
  })
