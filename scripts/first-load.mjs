// Adds up, compressed, what the browser loads before the list of calls shows: the entry, what it
// imports at once, and the list's own chunk with its imports and styles.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'

const folder = process.argv[2]
const assets = join(folder, 'assets')
const files = readdirSync(assets)
const seen = new Set()

function follow(name) {
  if (seen.has(name) || !files.includes(name)) return
  seen.add(name)
  if (!name.endsWith('.js')) return
  const text = readFileSync(join(assets, name), 'utf8')
  for (const [, other] of text.matchAll(/from\s*["']\.\/([^"']+)["']|import\s*["']\.\/([^"']+)["']/g)) {
    if (other) follow(other)
  }
}

const page = readFileSync(join(folder, 'index.html'), 'utf8')
for (const [, name] of page.matchAll(/assets\/([^"]+)"/g)) follow(name)
const list = files.find((name) => /^CallListView-.*\.js$/.test(name))
follow(list)
// The styles and shared chunks that are loaded along with the list: its call names them by their
// places in one list of all.
const entry = [...seen].find((name) => /^index-.*\.js$/.test(name))
const text = readFileSync(join(assets, entry), 'utf8')
const all = [...text.match(/m\.f=\[([^\]]*)\]/)[1].matchAll(/assets\/([^"'`]+)["'`]/g)].map((one) => one[1])
const places = text.match(/CallListView-[^`"']*\.js[`"']\),__vite__mapDeps\(\[([\d,]*)\]\)/)[1]
for (const place of places.split(',')) follow(all[Number(place)])
let total = 0
for (const name of seen) if (/\.(js|css)$/.test(name)) total += gzipSync(readFileSync(join(assets, name))).length
console.log(`${total} in ${seen.size} files`)
