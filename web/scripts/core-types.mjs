// The types of what the page asks the rules, and of what they answer: out of the published schemas,
// which the tests of the command line hold the answers to.
import { readFile } from 'node:fs/promises'
import openapi, { astToString } from 'openapi-typescript'

const docs = new URL('../../docs/', import.meta.url)
const read = async (name) =>
  JSON.parse(await readFile(new URL(`${name}.schema.json`, docs), 'utf8'))

/** As a description of an interface names its schemas; what is a condition has no type. */
function named(node) {
  if (Array.isArray(node)) return node.map(named)
  if (node === null || typeof node !== 'object') return node
  const made = Object.fromEntries(Object.entries(node).map(([key, value]) => [key, named(value)]))
  if (typeof made.$ref === 'string') {
    made.$ref = made.$ref
      .replace('#/$defs/', '#/components/schemas/')
      .replace(/^(plan|wiring)\.schema\.json$/, '#/components/schemas/$1')
  }
  if (Array.isArray(made.allOf) && made.allOf.some((one) => one.if)) delete made.allOf
  delete made.$schema
  delete made.$id
  return made
}

export async function coreTypes() {
  const { $defs, properties, required, type } = named(await read('answers'))
  const schemas = {
    plan: named(await read('plan')),
    wiring: named(await read('wiring')),
    Answers: { type, properties, required },
    ...$defs,
  }
  const source = {
    openapi: '3.1.0',
    info: { title: 'The rules', version: '1' },
    components: { schemas },
  }
  return astToString(await openapi(source, { arrayLength: true }))
}
