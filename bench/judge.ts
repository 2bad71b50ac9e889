import { judge, scoreOf } from '../tests/cases/judge'
import { FRESH, FRESH_AGAIN } from '../tests/cases/fresh'
import { OURS } from '../tests/cases/ours'
import { judgeSaid } from '../tests/cases/said/judgeSaid'
import { FIRST, SECOND, THIRD, FOURTH } from '../tests/cases/said/lines'
import { SCENES } from '../tests/cases/scenes'

/** Puts the written scenes to the tool: the score by kind and letter, then every answer that failed or was only named. */
export function benchJudge(): string[] {
  return [...judgedScenes(), ...judgedLines()]
}

/** Lines in people’s own words: what is named at once, and once what is offered was taken. */
function judgedLines(): string[] {
  return [FIRST, SECOND, THIRD, FOURTH].flatMap((lines) => {
    const judged = lines.map(judgeSaid)
    const count = (holds: (each: (typeof judged)[number]) => boolean): number => judged.filter(holds).length
    const offers = judged.reduce((sum, each) => sum + each.offers.length, 0) / judged.length
    return [
      `${lines.length} lines in people’s own words`,
      `  first at once ${count(({ atOnce }) => atOnce === 'first')}, named ${count(({ atOnce }) => atOnce === 'named')}`,
      `  a telling sign read or offered ${count(({ isOffered }) => isOffered)}, of ${offers.toFixed(1)} offered a line`,
      `  once taken first ${count(({ afterTaking }) => afterTaking === 'first')}, named ${count(({ afterTaking }) => afterTaking === 'named')}`,
      ...judged
        .filter(({ afterTaking }) => afterTaking !== 'first')
        .map(({ said, afterTaking }) => `    ${afterTaking}: ${said.causes.join(' or ')}: ${said.line}`),
    ]
  })
}

function judgedScenes(): string[] {
  return [SCENES, OURS, FRESH, FRESH_AGAIN].flatMap((scenes) => {
    const judged = scenes.map(judge)
    return [
      `${scenes.length} scenes`,
      ...scoreOf(judged).map((line) => `  ${line}`),
      ...judged.flatMap(({ scene, answers }) =>
        answers
          .filter(({ kind, got }) => got === 'no' || (kind === 'cause' && got === 'named'))
          .map(
            (each) =>
              `    ${scene.id} ${each.kind} ${each.letter} ${each.wanted}: ${each.got}; ${each.instead.slice(0, 200)}`,
          ),
      ),
    ]
  })
}
