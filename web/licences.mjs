// Writes docs/licences.md: what is shipped, by name, version and licence. Called by ./vantbreeze licences.
//   node licences.mjs THIRD-PARTY.txt OUT    the first as license-maven-plugin makes it of the app's jars
import { readFileSync, writeFileSync } from 'node:fs'

/** npm's packages that go into the page: all that package-lock.json does not call for development only. */
export function packages(lock) {
  return Object.entries(lock.packages)
    .filter(([path, { dev, devOptional }]) => path && !dev && !devOptional)
    .map(([path, { version, license }]) => ({ name: path.replace(/^.*node_modules\//, ''), version, licence: license }))
}

/** Jars: lines like "(Licence) (Another) Name (group:artifact:version - address)". */
export function jars(list) {
  return [...list.matchAll(/^ {5}((?:\((?:[^()]|\([^()]*\))*\) )+)(.*) \(([^:()]+):([^:]+):([^: ]+) - .*\)$/gm)].map(
    ([, licences, , group, name, version]) => ({
      name: `${group}:${name}`,
      version,
      licence: [...licences.matchAll(/\(((?:[^()]|\([^()]*\))*)\)/g)].map(([, one]) => one).join(' or '),
    }),
  )
}

const table = (all) =>
  ['| what | version | licence |', '| --- | --- | --- |']
    .concat(
      all
        .sort((one, other) => (one.name < other.name ? -1 : 1))
        .map((one) => `| ${one.name} | ${one.version} | ${one.licence} |`),
    )
    .join('\n')

if (process.argv[3]) {
  const [, , list, out] = process.argv
  const lock = JSON.parse(readFileSync(new URL('package-lock.json', import.meta.url), 'utf8'))
  writeFileSync(
    out,
    `# Licences

What is shipped in the jar and in the page, made by \`./vantbreeze licences\`; a test of each kind notices what is missing here.
Tools that only build or test are not shipped and not listed. Literata and Barlow are fonts.

## In the jar (Maven Central)

${table(jars(readFileSync(list, 'utf8')))}

## In the page (npm)

${table(packages(lock))}
`,
  )
}
