import { context } from '../../../../server/context'
import { answer } from '../../../../server/http'

const handle = (request: Request): Promise<Response> =>
  answer(async () => {
    const { auth } = await context()
    return auth.handler(request)
  })

export { handle as GET, handle as POST }
