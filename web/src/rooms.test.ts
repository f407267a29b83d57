import { expect, it } from 'vitest'

const texts: Record<string, string> = import.meta.glob(
  ['./**/*.ts', './**/*.tsx', '!./**/*.test.*', '!./api/generated/*'],
  {
    query: '?raw',
    import: 'default',
    eager: true,
  },
)
const all = Object.keys(texts)

function imported(file: string): string[] {
  return [...texts[file].matchAll(/(?:from |import\()'(\.[^']+)'/g)].flatMap(([, path]) => {
    const wanted = `.${new URL(path, `file:///${file}`).pathname}`
    return all.filter((other) => other === `${wanted}.ts` || other === `${wanted}.tsx`)
  })
}

const graph = new Map(all.map((file) => [file, imported(file)]))
const room = (file: string) => file.split('/')[1]
const inRooms = all.filter((file) => file.split('/').length > 2)

it('has no circle of files', () => {
  const circles: string[] = []
  const seen = new Map<string, 'open' | 'done'>()
  const walk = (file: string, way: string[]) => {
    if (seen.get(file) === 'done') return
    if (seen.get(file) === 'open') {
      circles.push([...way.slice(way.indexOf(file)), file].join(' → '))
      return
    }
    seen.set(file, 'open')
    graph.get(file)!.forEach((next) => walk(next, [...way, file]))
    seen.set(file, 'done')
  }
  all.forEach((file) => walk(file, []))
  expect(all.length).toBeGreaterThan(80)
  expect(circles).toEqual([])
})

/** Folders from the ground up; each may know those before it. */
const ROOMS = [
  'api',
  'house',
  'papers',
  'drawer',
  'tools',
  'shelf',
  'safekeeping',
  'bench',
  'recipe',
  'layers',
  'cut',
  'table',
  'wrap',
  'send',
]

it('knows no folder above', () => {
  const upwards = inRooms.flatMap((file) =>
    graph
      .get(file)!
      .filter((other) => inRooms.includes(other) && ROOMS.indexOf(room(other)) > ROOMS.indexOf(room(file)))
      .map((other) => `${file} → ${other}`),
  )
  expect(new Set(inRooms.map(room))).toEqual(new Set(ROOMS))
  expect(upwards).toEqual([])
})
