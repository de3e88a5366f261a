// Writes the types that come out of documents: of the server's interface, and of the rules.
import { writeFile } from 'node:fs/promises'
import { coreTypes } from './core-types.mjs'

await writeFile(new URL('../src/core/answers.d.ts', import.meta.url), await coreTypes())
