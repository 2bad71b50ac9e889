import { judge, scoreOf } from './tests/cases/judge'
import { FRESH } from './tests/cases/fresh/scenes'
import { SCENES } from './tests/cases/scenes'
import { OURS } from './tests/cases/ours'
for (const S of [FRESH, SCENES, OURS]) {
const judged = S.map(judge)
console.log(scoreOf(judged).join('\n'))
for (const {scene, answers} of judged) for (const a of answers) if (a.got==='no'||(a.kind==='cause'&&a.got==='named')||a.got==='no word') console.log(scene.id, a.kind, a.letter, a.wanted, ':', a.got, ';', a.instead.slice(0,200))
}
