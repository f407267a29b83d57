// Reads crease patterns (FOLD graphs) as a JSON list; for each, lets rabbit-ear fold it and find its layer orders.
// With "--time" as the first word it only tells how long the orders take, warm, in milliseconds.
import ear from 'rabbit-ear'
import { readFileSync } from 'node:fs'

// the library talks to the console while it searches
const answer = (value) => process.stdout.write(JSON.stringify(value))
console.log = console.warn = console.error = () => {}

const patterns = JSON.parse(readFileSync(0, 'utf8'))

function folded(pattern) {
  const graph = ear.graph.populate(structuredClone(pattern))
  return { ...graph, vertices_coords: ear.graph.makeVerticesCoordsFlatFolded(graph) }
}

if (process.argv[2] === '--time') {
  const graphs = patterns.map(folded)
  const times = graphs.map((graph) => {
    const runs = Array.from({ length: 15 }, () => {
      const begun = performance.now()
      ear.layer.solver(graph, 1e-6).allSolutions()
      return performance.now() - begun
    })
    return runs.sort((a, b) => a - b)[7]
  })
  answer(times)
} else {
  const answers = patterns.map((pattern) => {
    const graph = folded(pattern)
    const solver = ear.layer.solver(graph, 1e-6)
    return { vertices: graph.vertices_coords, orders: solver ? solver.allSolutions() : [] }
  })
  answer(answers)
}
