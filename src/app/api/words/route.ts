import { z } from 'zod'
import { LearntWord } from '../../../core/shorthand'
import { forMember, readJson, reply } from '../../../server/http'
import { forgetWord, readWords, teachWord } from '../../../server/words'

export const GET = (request: Request): Promise<Response> =>
  forMember(request, async (member) => reply(await readWords(member)))

export const POST = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const word = await readJson(request, LearntWord)
    await teachWord(member, word)
    return reply(word, 201)
  })

export const DELETE = (request: Request): Promise<Response> =>
  forMember(request, async (member) => {
    const { phrase } = await readJson(request, z.strictObject({ phrase: z.string().max(80) }))
    await forgetWord(member, phrase)
    return reply({ phrase })
  })
