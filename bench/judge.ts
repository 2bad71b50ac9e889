/** Puts the written scenes to the tool and prints the score by kind and letter; `--all` prints every answer that failed. */
import { judge, scoreOf } from '../tests/cases/judge'
import { SCENES } from '../tests/cases/scenes'

const judged = SCENES.map(judge)
for (const line of scoreOf(judged)) console.log(line)
const wordless = new Map<string, string[]>()
for (const { scene, wordless: words } of judged)
  for (const word of words) wordless.set(word, [...(wordless.get(word) ?? []), scene.id])
console.log(`no word for ${wordless.size}: ${[...wordless.keys()].sort().join(', ')}`)
if (process.argv.includes('--all')) {
  for (const { scene, answers } of judged)
    for (const each of answers)
      if (each.got === 'no' || (each.kind === 'cause' && each.got === 'named'))
        console.log(
          `${scene.id} ${each.kind} ${each.letter} ${each.wanted} ${each.got}: ${each.instead.slice(0, 420)}`,
        )
}
