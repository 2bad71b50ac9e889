import { ForgetWordRequest, TeachWordRequest } from '../../../core/contract'
import { forMember, readJson, reply } from '../../../server/http'
import { forgetWord, readWords, teachWord } from '../../../server/words'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readWords(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const word = await readJson(request, TeachWordRequest)
    await teachWord(member, word)
    return reply(word, 201)
  })

export const DELETE = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const { phrase } = await readJson(request, ForgetWordRequest)
    await forgetWord(member, phrase)
    return reply({ phrase })
  })
