import { readFileSync } from 'node:fs'
import { expect, test } from 'vitest'
import { jars, packages } from './licences.mjs'

const here = (path) => readFileSync(new URL(path, import.meta.url), 'utf8')

test('every package that goes into the page is listed with its licence; put right by ./vantbreeze licences', () => {
  const shipped = packages(JSON.parse(here('package-lock.json')))
  expect(shipped.length).toBeGreaterThan(20)
  const listed = here('../docs/licences.md')
  const missing = shipped.filter(
    (one) => !one.licence || !listed.includes(`| ${one.name} | ${one.version} | ${one.licence} |`),
  )
  expect(missing).toEqual([])
})

test('jars are read with all their licences', () => {
  const list =
    '\nLists of 2.\n     (EPL 2.0) (GPL2 w/ CPE) Kite (Tail) API (org.kite:kite-api:1.2 - https://kite.example)\n' +
    '     (GNU (Lesser) Licence) Reel (org.reel:reel:3 - url)\n'
  expect(jars(list)).toEqual([
    { name: 'org.kite:kite-api', version: '1.2', licence: 'EPL 2.0 or GPL2 w/ CPE' },
    { name: 'org.reel:reel', version: '3', licence: 'GNU (Lesser) Licence' },
  ])
})
