import { judge, scoreOf } from '../tests/cases/judge'
import { OURS } from '../tests/cases/ours'
import { SCENES } from '../tests/cases/scenes'

/** Puts the written scenes to the tool: the score by kind and letter, then every answer that failed or was only named. */
export function benchJudge(): string[] {
  return [SCENES, OURS].flatMap((scenes) => {
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
