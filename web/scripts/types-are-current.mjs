// Fails when src/api/schema.d.ts is not what src/api/openapi.json makes. That the document itself is
// the server's is checked by the server's tests.
import { readFile } from 'node:fs/promises'
import openapi, { astToString } from 'openapi-typescript'

const source = new URL('../src/api/openapi.json', import.meta.url)
const kept = await readFile(new URL('../src/api/schema.d.ts', import.meta.url), 'utf8')
const made = astToString(await openapi(source))
if (!kept.includes(made.trim())) {
  console.error('src/api/schema.d.ts is out of date: run npm run types')
  process.exit(1)
}
