// Fails when the types are not what their documents make: those of the server's interface, and those
// of the rules. That the documents are true is checked by the tests of server and command line.
import { readFile } from 'node:fs/promises'
import openapi, { astToString } from 'openapi-typescript'
import { coreTypes } from './core-types.mjs'

const read = (path) => readFile(new URL(path, import.meta.url), 'utf8')
const made = astToString(await openapi(new URL('../src/api/openapi.json', import.meta.url)))
const current =
  (await read('../src/api/schema.d.ts')).includes(made.trim()) &&
  (await read('../src/core/answers.d.ts')).trim() === (await coreTypes()).trim()
if (!current) {
  console.error('src/api/schema.d.ts or src/core/answers.d.ts is out of date: run npm run types')
  process.exit(1)
}
