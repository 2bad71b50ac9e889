/**
 * Plants faults in the core and sees which of them the tests notice: `npm run mutate -- [folders …] [--most N] [--seed N]`.
 *
 * Each fault is one small change of one place (an operator, a comparison, a number, a condition, a left-out call). A copy of the
 * sources gets it; the tests that touch the file run; a fault that fails none of them survives and is listed with its place. What is
 * planted is drawn by chance from a seed, so that a run can be repeated.
 */
import { spawn } from 'node:child_process'
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import ts from 'typescript'

const ROOT = new URL('..', import.meta.url).pathname
const FOLDERS = ['price', 'takeoff', 'cut', 'bid', 'caution', 'measure', 'scope']
const FILES = ['src/core/job/change.ts', 'src/core/job/raise.ts', 'src/core/job/raiseWork.ts']
/** A fault that makes the tests run longer than this is noticed: it loops. */
const TIME_LIMIT_MS = 120_000
/** Faults that were noticed by their time alone: on a busy machine one of them may only have been slow. */
let outOfTime = 0
/** Tests that run first, since they notice most; the others that touch the file run only if none of these fails. */
const FIRST = [
  'src/core/price/',
  'src/core/takeoff/',
  'src/core/caution/',
  'src/core/pipeline.test.ts',
  'src/core/bid/',
]

function argument(name, otherwise) {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? otherwise : Number(process.argv[at + 1])
}

/** A repeatable stream of numbers from 0 to 1 (mulberry32). */
function stream(seed) {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

const OPERATORS = {
  [ts.SyntaxKind.PlusToken]: '-',
  [ts.SyntaxKind.MinusToken]: '+',
  [ts.SyntaxKind.AsteriskToken]: '/',
  [ts.SyntaxKind.SlashToken]: '*',
  [ts.SyntaxKind.LessThanToken]: '<=',
  [ts.SyntaxKind.LessThanEqualsToken]: '<',
  [ts.SyntaxKind.GreaterThanToken]: '>=',
  [ts.SyntaxKind.GreaterThanEqualsToken]: '>',
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: '!==',
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: '===',
  [ts.SyntaxKind.AmpersandAmpersandToken]: '||',
  [ts.SyntaxKind.BarBarToken]: '&&',
}
const CALLS = { min: 'max', max: 'min', floor: 'ceil', ceil: 'floor', some: 'every', every: 'some' }

/** Every fault that can be planted in a file: from, to, the words that stand there instead. */
function faultsIn(file) {
  const text = readFileSync(path.join(ROOT, file), 'utf8')
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true)
  const faults = []
  const add = (node, to, what) =>
    faults.push({
      file,
      start: node.getStart(source),
      end: node.getEnd(),
      to,
      what,
      line: source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1,
    })
  const isType = (node) =>
    ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)
  const visit = (node) => {
    if (isType(node) || ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return
    if (ts.isBinaryExpression(node)) {
      const to = OPERATORS[node.operatorToken.kind]
      const strings = [node.left, node.right].some(
        (side) => ts.isStringLiteral(side) || ts.isTemplateExpression(side),
      )
      if (to && !(strings && node.operatorToken.kind === ts.SyntaxKind.PlusToken))
        add(node.operatorToken, to, `${node.operatorToken.getText()} for ${to}`)
    } else if (ts.isNumericLiteral(node))
      add(node, String(Number(node.text) + 1), `${node.text} for ${Number(node.text) + 1}`)
    else if (ts.isConditionalExpression(node))
      add(node.condition, `!(${node.condition.getText()})`, 'a condition turned round')
    else if (ts.isIfStatement(node))
      add(node.expression, `!(${node.expression.getText()})`, 'an if turned round')
    else if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false', 'true for false')
    else if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true', 'false for true')
    else if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression)) {
      const { name, expression } = node.expression
      if (CALLS[name.text]) add(name, CALLS[name.text], `${name.text} for ${CALLS[name.text]}`)
      if (name.text === 'filter' || name.text === 'sort')
        add(node, expression.getText(), `a ${name.text} left out`)
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return faults
}

function filesOf(folder) {
  return readdirSync(path.join(ROOT, 'src/core', folder))
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'index.ts')
    .map((name) => path.join('src/core', folder, name))
}

function jest(home, args) {
  return new Promise((resolve) => {
    const child = spawn(
      process.execPath,
      [
        '--experimental-vm-modules',
        '--no-warnings',
        'node_modules/jest/bin/jest.js',
        '--selectProjects',
        'core',
        'reference',
        '--bail',
        '--silent',
        '--ci',
        '--maxWorkers=1',
        '--passWithNoTests',
        ...args,
      ],
      { cwd: home, stdio: 'ignore', env: { ...process.env, NODE_ENV: 'test' } },
    )
    const timer = setTimeout(() => {
      outOfTime += 1
      child.kill('SIGKILL')
    }, TIME_LIMIT_MS)
    child.on('exit', (code) => {
      clearTimeout(timer)
      resolve(code === 0)
    })
  })
}

async function survives(home, fault) {
  const where = path.join(home, fault.file)
  // From the copy: the sources may be worked on while this runs.
  const text = readFileSync(where, 'utf8')
  writeFileSync(where, text.slice(0, fault.start) + fault.to + text.slice(fault.end))
  const own = path.dirname(fault.file)
  const passed =
    (await jest(home, ['--testPathPatterns', [...new Set([`${own}/`, ...FIRST])].join('|')])) &&
    (await jest(home, ['--findRelatedTests', fault.file]))
  writeFileSync(where, text)
  return passed
}

function copy() {
  const home = mkdtempSync(path.join(tmpdir(), 'detrimus-mutate-'))
  for (const name of [
    'src',
    'tests',
    'demo',
    'docs',
    'bench',
    'jest.config.mjs',
    'package.json',
    'tsconfig.json',
  ])
    cpSync(path.join(ROOT, name), path.join(home, name), { recursive: true })
  symlinkSync(path.join(ROOT, 'node_modules'), path.join(home, 'node_modules'))
  return home
}

const named = process.argv
  .slice(2)
  .filter((each, at, all) => !each.startsWith('--') && !all[at - 1]?.startsWith('--'))
const files = [...(named.length > 0 ? named : FOLDERS).flatMap(filesOf), ...(named.length > 0 ? [] : FILES)]
const chance = stream(argument('seed', 1))
const all = files.flatMap(faultsIn).map((fault) => ({ fault, key: chance() }))
const drawn = all
  .sort((a, b) => a.key - b.key)
  .slice(0, argument('most', 100))
  .map(({ fault }) => fault)
console.log(`${drawn.length} of ${all.length} faults in ${files.length} files`)
const queue = [...drawn]
const left = []
let done = 0
async function work() {
  const home = copy()
  try {
    for (let fault = queue.shift(); fault; fault = queue.shift()) {
      const alive = await survives(home, fault)
      done += 1
      if (alive) left.push(fault)
      if (alive) console.log(`survived  ${fault.file}:${fault.line}  ${fault.what}`)
      if (done % 10 === 0) console.log(`${done} planted, ${done - left.length} noticed`)
    }
  } finally {
    rmSync(home, { recursive: true, force: true })
  }
}
await Promise.all([work(), work()])
const noticed = drawn.length - left.length
console.log(
  `noticed ${noticed} of ${drawn.length} (${((100 * noticed) / Math.max(1, drawn.length)).toFixed(0)} %)`,
)
if (outOfTime > 0) console.log(`${outOfTime} of them only ran out of time`)
for (const fault of left.sort((a, b) => a.file.localeCompare(b.file) || a.line - b.line))
  console.log(`- ${fault.file}:${fault.line}: ${fault.what}`)
