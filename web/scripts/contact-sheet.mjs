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
const PER_PAGE = 30
const browser = process.env.CHROMIUM ?? 'chromium'

const vite = await createServer({ root: web, server: { middlewareMode: true }, appType: 'custom' })
const figure = (await vite.ssrLoadModule('/src/hand/ExerciseFigure.vue')).default
const { isBody, isPair } = await vite.ssrLoadModule('/src/hand/keyframes.ts')

const upper = (word) =>
  word.startsWith('angles ') ? word : word.toUpperCase().replaceAll('-', '_')
const exercises = readdirSync(library)
  .sort()
  .flatMap((file) => yaml.load(readFileSync(join(library, file), 'utf8')))

const best = new Map()
for (const { figure: f } of exercises)
  for (const pose of [...f.poses, ...(f.wrong ? [f.wrong] : [])])
    if (!best.has(upper(pose))) best.set(upper(pose), upper(f.view))

const schema = JSON.parse(readFileSync(join(library, '../exercise-schema.json'), 'utf8'))
const poses = schema.$defs.pose.anyOf[0].enum.map(upper)
const stem = (pose) => pose.replace(/(_(THUMB|INDEX|MIDDLE|RING|LITTLE))+$/, '')
/** As the first figure sees it that uses it, or a twin of it for other digits. */
const viewOf = (pose) =>
  isBody(pose)
    ? 'BODY'
    : isPair(pose)
      ? 'PAIR'
      : (best.get(pose) ?? [...best].find(([other]) => stem(other) === stem(pose))?.[1] ?? 'PALM')

const cells = [
  ...poses.map((pose) => ({
    title: pose.toLowerCase(),
    note: '',
    figures: [{ poses: [pose], view: viewOf(pose) }],
  })),
]
const sheets = [['poses', cells]]
sheets.push([
  'exercises',
  exercises.map((exercise) => ({
    title: exercise.id,
    note: '',
    figures: exercise.figure.poses.slice(0, 3).map((pose) => ({
      poses: exercise.figure.poses.map(upper),
      from: upper(pose),
      view: upper(exercise.figure.view),
      worked: (exercise.figure.worked ?? []).map(upper),
      arrow: upper(exercise.figure.arrow ?? 'none'),
      prop: upper(exercise.figure.prop ?? 'none'),
    })),
  })),
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
for (const [name, all] of sheets)
  for (let page = 0; page * PER_PAGE < all.length; page++) {
    const shown = all.slice(page * PER_PAGE, (page + 1) * PER_PAGE)
    const drawn = await Promise.all(
      shown.map(async (cell) => {
        const figures = await Promise.all(
          cell.figures.map((props) => draw({ height: 200, label: cell.title, ...props })),
        )
        return `<section><div>${figures.map((svg) => `<span>${svg}</span>`).join('')}</div><b>${cell.title}</b> <i>${cell.note}</i></section>`
      }),
    )
    const html = `<!doctype html><meta charset="utf-8"><style>${tokens}${scoped}
      body{margin:8px;background:#fff;font:12px sans-serif;display:grid;grid-template-columns:repeat(6,1fr);gap:6px;width:1584px}
      section{border:1px solid #ddd;padding:4px} section div{display:flex;height:180px} section span{flex:1;min-width:0}
      svg{width:100%;height:100%} i{color:#a00}</style>${drawn.join('')}`
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
        '--window-size=1600,1110',
        `--screenshot=${file}.png`,
        `file://${file}.html`,
      ],
      { stdio: 'ignore' },
    )
    console.log(`${file}.png`)
  }
await vite.close()
