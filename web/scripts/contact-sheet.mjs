// Draws every named pose, and every exercise of the library in its keyframes, on pages to look at.
// Run by ./nimblet poses; the pages go to web/target/poses.
import { execFileSync } from 'node:child_process'
import { mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import yaml from 'js-yaml'
import { compile } from 'sass'
import { createServer } from 'vite'
import { createSSRApp, h } from 'vue'
import { renderToString } from 'vue/server-renderer'

const web = join(dirname(fileURLToPath(import.meta.url)), '..')
const target = join(web, 'target', 'poses')
const library = join(web, '../core/src/main/resources/org/nimblet/core/exercise/library')
const browser = process.env.CHROMIUM ?? 'chromium'

const vite = await createServer({ root: web, server: { middlewareMode: true }, appType: 'custom' })
const figure = (await vite.ssrLoadModule('/src/hand/ExerciseFigure.vue')).default
const { isBody, isPair } = await vite.ssrLoadModule('/src/hand/keyframes.ts')

const upper = (word) =>
  word.includes(' + ')
    ? word.split(' + ').map(upper).join(' + ')
    : /^(angles |bend-|part-)/.test(word)
      ? word
      : word.toUpperCase().replaceAll('-', '_')
const exercises = readdirSync(library)
  .sort()
  .flatMap((file) => yaml.load(readFileSync(join(library, file), 'utf8')))
  .filter((exercise) => !exercise.archived)
const waysOf = (f) => f.ways ?? [f.poses]

const best = new Map()
for (const { figure: f } of exercises)
  for (const pose of [...waysOf(f).flat(), ...(f.wrong ? [f.wrong] : [])])
    if (!best.has(upper(pose))) best.set(upper(pose), upper(f.view))

const schema = JSON.parse(readFileSync(join(library, '../exercise-schema.json'), 'utf8'))
const poses = schema.$defs.pose.anyOf[0].enum.map(upper)
const stem = (pose) => pose.replace(/(_(THUMB|INDEX|MIDDLE|RING|LITTLE))+$/, '')
/** As the first figure sees it that uses it, or a twin of it for other digits. */
const viewOf = (pose) =>
  best.get(pose) ??
  (isBody(pose)
    ? 'BODY_SIDE'
    : isPair(pose)
      ? 'PAIR'
      : ([...best].find(([other]) => stem(other) === stem(pose))?.[1] ?? 'PALM'))

const sheets = [
  [
    'poses',
    poses.map((pose) => ({
      title: pose.toLowerCase(),
      note: '',
      figures: [{ poses: [pose], view: viewOf(pose) }],
    })),
    30,
    6,
  ],
]
/** The first two keyframes of each way as the right hand does them, and the last one on the left. */
const MOST_FIGURES = 5
function figuresOf({ figure: f }) {
  const ways = waysOf(f).map((way) => way.map(upper))
  const all = [...new Set(ways.flat())]
  const shown = ways
    .flatMap((way) => [way[0], way[1] ?? way[0]])
    .filter((pose, i, list) => list.indexOf(pose) === i)
    .slice(0, MOST_FIGURES - 1)
  const common = {
    poses: all,
    view: upper(f.view),
    worked: (f.worked ?? []).map(upper),
    places: (f.places ?? []).map(upper),
    arrow: upper(f.arrow ?? 'none'),
    prop: upper(f.prop ?? 'none'),
  }
  const last = shown[shown.length - 1]
  return [...shown.map((from) => ({ ...common, from })), { ...common, from: last, sides: 'LEFT' }]
}
const wordsOf = ({ 'set-up': setUp, action, dose, 'felt-at': feltAt, ways }) => {
  const amount = Object.entries(dose)
    .filter(([name]) => name !== 'least' && name !== 'greatest')
    .map(([name, value]) => `${name} ${value}`)
  return `${setUp} <u>${action.join(' ')}</u> ${ways ? `[${ways.join(' / ')}] ` : ''}<em>${feltAt}</em> (${amount.join(', ')})`
}
sheets.push([
  'exercises',
  exercises.map((exercise) => ({
    title: exercise.title,
    note: wordsOf(exercise),
    figures: figuresOf(exercise),
  })),
  15,
  3,
])

let drawnSoFar = 0
/** Each figure is an app of its own; the prefix keeps their clips and masks apart. */
function draw(props) {
  const app = createSSRApp({ render: () => h(figure, props) })
  app.config.idPrefix = `f${drawnSoFar++}-`
  return renderToString(app)
}

const tokens = compile(join(web, 'src/styles/tokens.scss')).css
const scoped = [
  ...(await vite.ssrLoadModule('/src/hand/ExerciseFigure.vue?raw')).default.matchAll(
    /<style scoped>([\s\S]*?)<\/style>/g,
  ),
  ...(await vite.ssrLoadModule('/src/hand/BodyShapes.vue?raw')).default.matchAll(
    /<style scoped>([\s\S]*?)<\/style>/g,
  ),
]
  .map((m) => m[1])
  .join('\n')

mkdirSync(target, { recursive: true })
for (const [name, all, perPage, columns] of sheets)
  for (let page = 0; page * perPage < all.length; page++) {
    const shown = all.slice(page * perPage, (page + 1) * perPage)
    const drawn = await Promise.all(
      shown.map(async (cell) => {
        const figures = await Promise.all(
          cell.figures.map((props) => draw({ height: 200, label: cell.title, ...props })),
        )
        return `<section><div>${figures.map((svg) => `<span>${svg}</span>`).join('')}</div><b>${cell.title}</b> <i>${cell.note}</i></section>`
      }),
    )
    const html = `<!doctype html><meta charset="utf-8"><style>${tokens}${scoped}
      body{margin:8px;background:#fff;font:12px sans-serif;display:grid;grid-template-columns:repeat(${columns},1fr);gap:6px;width:1584px}
      section{border:1px solid #ddd;padding:4px} section div{display:flex;height:180px} section span{flex:1;min-width:0}
      svg{width:100%;height:100%} i{font-style:normal;color:#444} em{color:#a00}</style>${drawn.join('')}`
    const file = join(target, `${name}-${page + 1}`)
    writeFileSync(`${file}.html`, html)
    execFileSync(
      browser,
      [
        '--headless=new',
        '--no-sandbox',
        '--disable-gpu',
        '--hide-scrollbars',
        '--no-first-run',
        '--window-size=1600,1480',
        `--screenshot=${file}.png`,
        `file://${file}.html`,
      ],
      { stdio: 'ignore' },
    )
    console.log(`${file}.png`)
  }
await vite.close()
