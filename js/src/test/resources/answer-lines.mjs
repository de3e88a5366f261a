// Answers each case, a line in, a line out: node answer-lines.mjs <module>
import { createInterface } from 'node:readline'
import { pathToFileURL } from 'node:url'

const core = await import(pathToFileURL(process.argv[2]).href)
for await (const line of createInterface({ input: process.stdin })) {
  console.log(JSON.stringify(core.diagnose(JSON.parse(line))))
}
