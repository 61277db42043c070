// Fails when src/api/schema.ts is not what the committed OpenAPI document generates.
import { readFileSync } from 'node:fs'
import openapi, { astToString } from 'openapi-typescript'

const banner = readFileSync('src/api/schema.ts', 'utf8')
const fresh = astToString(await openapi(new URL('../../app/openapi.json', import.meta.url)))
if (!banner.endsWith(fresh)) {
  console.error('src/api/schema.ts is stale: run "npm run types" in ui and commit the result')
  process.exit(1)
}
console.log('API types are fresh')
