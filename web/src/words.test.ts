import ts from 'typescript'
import { expect, test } from 'vitest'
import glossary from '../../docs/glossary.md?raw'

const table = glossary.slice(glossary.indexOf('## Words on screen'))
const rows = [...table.matchAll(/^\| ([^|]+) \| [^`]+ \| `(.+)` \|$/gm)]
const notSaid = rows.map(([, instead, found]) => ({ instead, found: new RegExp(found.replaceAll('\\|', '|'), 'i') }))

const sources = import.meta.glob<string>('./**/*.tsx', { query: '?raw', import: 'default', eager: true })
const files = Object.keys(sources).filter((file) => !file.includes('.test.') && !file.includes('generated'))

/** Texts between tags, and strings that are shown or read out: attributes that name a thing, and what looks like words. */
function texts(file: string) {
  const source = ts.createSourceFile(file, sources[file], ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX)
  const found: string[] = []
  const isShown = (node: ts.Node) =>
    !ts.isImportDeclaration(node.parent) &&
    !(ts.isJsxAttribute(node.parent) && ['className', 'd', 'id', 'href', 'to'].includes(node.parent.name.getText()))
  const visit = (node: ts.Node) => {
    if (ts.isJsxText(node)) found.push(node.text)
    else if (ts.isStringLiteralLike(node) && isShown(node)) found.push(node.text)
    else if (ts.isTemplateExpression(node) && isShown(node)) {
      found.push([node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join('…'))
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found.map((text) => text.replace(/\s+/g, ' ').trim()).filter((text) => / |^[A-Z][a-z]/.test(text))
}

test('the table of words is read', () => {
  expect(notSaid.length).toBeGreaterThan(10)
  expect(notSaid.some(({ found }) => found.test('Tick a panel'.toLowerCase()))).toBe(true)
})

test.each(files)('%s says it in our words', (file) => {
  const wrong = texts(file).flatMap((text) =>
    notSaid
      // class names and ids are no words
      .filter(({ found }) => found.test(text) && !/(^|\s)(text|border|fill|flex)-/.test(text))
      .map(({ instead }) => `say “${instead}”: ${text}`),
  )
  expect(wrong).toEqual([])
})
