// Random runs at the chair, and what the screen's own state machine makes of each: one JSON line a run.
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { resolve } from 'node:path'

const [, , web, count, stepsText] = process.argv
const typescript = createRequire(resolve(web, 'package.json'))('typescript')

/** One file of the screen's as an address to import from. */
function built(file, other = (text) => text) {
  const source = readFileSync(resolve(web, 'src/features/chair', file), 'utf8')
  const script = typescript.transpileModule(source, { compilerOptions: { module: 'esnext', target: 'es2022' } })
  return `data:text/javascript;base64,${Buffer.from(other(script.outputText)).toString('base64')}`
}
const clocks = built('clocks.ts')
const { recordOf } = await import(built('fold.ts', (text) => text.replace("'./clocks'", `'${clocks}'`)))

let seed = 20260501
const random = (below) => {
  seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff
  return Math.floor((seed / 0x80000000) * below)
}
const one = (of) => of[random(of.length)]

const steps = JSON.parse(stepsText)
/** Where something is put on: the mask, and the gel inside the group. */
const PUT_ON = [{ step: 1 }, { step: 2, inner: 0 }]
const KINDS = ['BEGIN', 'DONE', 'SKIP', 'BACK', 'SECTION', 'DROP', 'RESTORE', 'AMOUNT', 'SWAP', 'NOTE', 'LOOK', 'MISTED',
  'SQUEEZED', 'LEFT', 'PAUSE', 'RESUME', 'ANSWERED', 'FINISH']
const OFTEN = ['DONE', 'DONE', 'DONE', 'SECTION', 'SECTION', 'SKIP']
const mask = { name: 'other mask', role: 'MASK', hold: 0.5, richness: 7.5, windowLow: 0.5, windowHigh: 99.5 }
const gel = { name: 'other gel', role: 'GEL', hold: 4.5, richness: 1.5, windowLow: 40.5, windowHigh: 98.5 }

function run(index) {
  const events = []
  let millis = Date.parse('2026-05-01T09:00:00Z')
  let step = 0
  // One device in two counts on while its clock is set back.
  const set = random(2) === 0 ? random(40) : 99
  for (let i = 0, n = random(40); i < n; i++) {
    millis += random(4) === 0 ? 0 : random(240_000)
    const kind = i === 0 ? 'BEGIN' : random(2) === 0 ? one(OFTEN) : one(KINDS)
    if (i === set) millis -= random(3_600_000)
    const at = random(4) === 0 ? random(steps.length) : Math.min(step, steps.length - 1)
    if (kind === 'DONE' || kind === 'SKIP') step++
    if (kind === 'BACK') step = at
    events.push({
      id: `r${index}-${random(100_000)}-${i}`,
      at: new Date(millis).toISOString().replace('.000Z', 'Z'),
      seq: i,
      ...(set < 99 ? { device: 'tablet' } : {}),
      kind,
      step: at,
      ...(kind === 'SECTION' ? { section: random(3) } : {}),
      ...(kind === 'AMOUNT' ? { ...one(PUT_ON), ratio: (random(8) + 0.5) / 4 } : {}),
      ...(kind === 'SWAP' ? one([{ ...PUT_ON[0], product: mask }, { ...PUT_ON[1], product: gel }]) : {}),
      ...(kind === 'NOTE' ? { zone: one(['CROWN', 'NAPE']), sign: one(['GOOD', 'FRIZZY']) } : {}),
      ...(kind === 'LOOK' ? { look: one(['DRIPPING', 'SQUEAKY']) } : {}),
      ...(kind === 'ANSWERED' ? { timer: one(['mask/1', 'cast', 'dry/4']) } : {}),
    })
  }
  return events
}

for (let i = 0; i < Number(count); i++) {
  const events = run(i)
  console.log(JSON.stringify({ events, record: recordOf(steps, events) }))
}
