// Changes one thing at a time in TypeScript that has a test beside it, in a copy, and looks whether the test notices.
// node tools/Mutation/front.mjs [--seed=N] [--sample=N]; exits with 1 where less than nine of ten are noticed.

import { spawn } from 'node:child_process'
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { availableParallelism, tmpdir } from 'node:os'
import { join } from 'node:path'
import ts from 'typescript'

const LEAST = 0.9
const MOST_MS = 30_000
const SWAPPED = {
  '===': '!==',
  '!==': '===',
  '<': '<=',
  '<=': '<',
  '>': '>=',
  '>=': '>',
  '&&': '||',
  '||': '&&',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
  '%': '*',
}

const options = { seed: 1, sample: 60 }
for (const argument of process.argv.slice(2)) {
  const [, name, value] = /^--(seed|sample)=(\d+)$/.exec(argument) ?? []
  if (!name) {
    console.error(`mutate resources/js takes --seed=N and --sample=N, not "${argument}"`)
    process.exit(2)
  }
  options[name] = Number(value)
}

/** What a node could become, as text; nothing where it's left alone. */
function others(node) {
  const text = (one) => one.getText()
  if (ts.isBinaryExpression(node)) {
    const sign = node.operatorToken.getText()
    if (sign in SWAPPED) return [`${text(node.left)} ${SWAPPED[sign]} ${text(node.right)}`]
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken) return [text(node.operand)]
  if (ts.isConditionalExpression(node)) {
    return [`${text(node.condition)} ? ${text(node.whenFalse)} : ${text(node.whenTrue)}`]
  }
  if (ts.isNumericLiteral(node)) return [String(Number(node.text.replaceAll('_', '')) + 1)]
  if (node.kind === ts.SyntaxKind.TrueKeyword) return ['false']
  if (node.kind === ts.SyntaxKind.FalseKeyword) return ['true']
  if (ts.isExpressionStatement(node)) return [';']
  return []
}

/** Every change of a file: where, and to what. */
function changes(file) {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  const found = []
  const walk = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return
    for (const to of others(node)) {
      const line = source.getLineAndCharacterOfPosition(node.getStart()).line + 1
      found.push({ file, line, from: node.getStart(), until: node.getEnd(), was: node.getText(), to })
    }
    ts.forEachChild(node, walk)
  }
  walk(source)
  return found
}

/** The same order for the same seed. */
function shuffled(list, seed) {
  let state = seed >>> 0
  const next = () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 32
  }
  return list.map((one) => [next(), one]).sort(([one], [other]) => one - other).map(([, one]) => one)
}

function copy() {
  const folder = mkdtempSync(join(tmpdir(), 'dusk-mutate-'))
  for (const part of ['resources/js', 'vitest.config.ts', 'tsconfig.json', 'package.json']) {
    cpSync(part, join(folder, part), { recursive: true })
  }
  symlinkSync(join(process.cwd(), 'node_modules'), join(folder, 'node_modules'))
  return folder
}

/** True where the test of a file fails; too long is a failure, too. */
function fails(folder, file) {
  const test = file.replace(/\.ts$/, '.test.ts')
  return new Promise((done) => {
    const run = spawn('npx', ['--no-install', 'vitest', 'run', test, '--silent'], { cwd: folder, detached: true })
    const late = setTimeout(() => process.kill(-run.pid), MOST_MS)
    run.on('exit', (code) => {
      clearTimeout(late)
      done(code !== 0)
    })
  })
}

const files = readdirSync('resources/js', { recursive: true })
  .filter((file) => file.endsWith('.test.ts'))
  .map((test) => join('resources/js', test.replace(/\.test\.ts$/, '.ts')))
  .sort()
const all = files.flatMap(changes)
const tried = shuffled(all, options.seed).slice(0, options.sample)
const waiting = [...tried]
let noticed = 0
const folders = Array.from({ length: availableParallelism() }, copy)
process.on('exit', () => {
  for (const folder of folders) rmSync(folder, { recursive: true, force: true })
})
// A test that fails anyway would notice all.
for (const file of files) {
  if (await fails(folders[0], file)) {
    console.error(`the test of ${file} fails without any change`)
    process.exit(2)
  }
}
await Promise.all(
  folders.map(async (folder) => {
    for (let change = waiting.shift(); change; change = waiting.shift()) {
      const text = readFileSync(change.file, 'utf8')
      const where = join(folder, change.file)
      writeFileSync(where, text.slice(0, change.from) + change.to + text.slice(change.until))
      if (await fails(folder, change.file)) noticed++
      else console.log(`unnoticed  ${change.file}:${change.line}\n    ${change.was.split('\n')[0]}  →  ${change.to}`)
      writeFileSync(where, text)
    }
  }),
)
const share = tried.length === 0 ? 1 : noticed / tried.length
console.log(
  `resources/js: ${tried.length} of ${all.length} changes tried, ${noticed} noticed (${Math.round(100 * share)} %), ` +
    `in ${files.length} files with a test beside them`,
)
process.exitCode = share >= LEAST ? 0 : 1
