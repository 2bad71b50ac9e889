import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'

const APP = path.join(process.cwd(), 'src', 'app')

/** `GET /api/jobs/[id]` and so on, as the route files export them: a new route is in it without anybody saying so. */
export function routes(): string[] {
  const files = readdirSync(APP, { recursive: true, encoding: 'utf8' }).filter((file) =>
    /(^|\/)route\.ts$/.test(file),
  )
  return files
    .flatMap((file) => {
      const text = readFileSync(path.join(APP, file), 'utf8')
      const address = `/${path.dirname(file)}`
      const named = [
        ...text.matchAll(/export (?:const|async function|function) (GET|POST|PUT|PATCH|DELETE)\b/g),
      ]
      const handed = [...text.matchAll(/as (GET|POST|PUT|PATCH|DELETE)\b/g)]
      return [...named, ...handed].map((found) => `${found[1]} ${address}`)
    })
    .sort()
}
