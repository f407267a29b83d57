// Draws every structure of a running house closed, half-way and as it is displayed, from the engine's own frames.
async function contactSheet(house) {
  const cells = []
  const { structures } = await (await fetch(house + 'api/shelf')).json()
  for (const structure of structures) {
    const form = await (await fetch(`${house}api/shelf/${structure.id}/form`)).json()
    const last = form.frames.length - 1
    const layer = (panel) => form.closed.findIndex((one) => one.panel === panel)
    const leg = 1 - 1 / (form.stations.length - 1)
    const states = [
      [form.frames[Math.round(form.showing * last)], !form.lies],
      [form.frames[Math.round(((leg + 1) / 2) * last)], !form.lies],
      [form.frames[last], false, true],
    ]
    const drawings = states.map(([frame, stands, flat]) => drawn(structure.panels, frame, layer, stands, flat)).join('')
    cells.push(`<figure><div>${drawings}</div><figcaption>${structure.name}</figcaption></figure>`)
  }
  document.body.innerHTML = `<h1>Every structure, as displayed, half-way and closed</h1><main>${cells.join('')}</main>`
}

function drawn(panels, frame, layer, stands, flat) {
  const [raised, turn] = [(38 * Math.PI) / 180, (26 * Math.PI) / 180]
  const faces = panels.map(({ corners, holes }, panel) => {
    const m = frame[panel]
    const seen = ({ x, y }) => {
      let at = [0, 1, 2].map((i) => m[i] * x + m[4 + i] * y + m[12 + i])
      at[2] += layer(panel) * 0.35
      if (stands) at = [at[0], -at[2], at[1]]
      const [a, b] = [at[0] * Math.cos(turn) - at[1] * Math.sin(turn), at[0] * Math.sin(turn) + at[1] * Math.cos(turn)]
      return [a, -(b * Math.sin(raised) + at[2] * Math.cos(raised)), at[2] * Math.sin(raised) - b * Math.cos(raised)]
    }
    const points = corners.map(seen)
    const d = [points, ...holes.map((hole) => hole.map(seen))]
      .map((ring) => `M${ring.map((p) => `${p[0]},${p[1]}`).join('L')}z`)
      .join('')
    const area = points.reduce((sum, [x, y], i) => sum + x * points[(i + 1) % points.length][1] - points[(i + 1) % points.length][0] * y, 0)
    return { points, d, near: flat ? layer(panel) : points.reduce((sum, p) => sum + p[2], 0) / points.length, face: area < 0 }
  })
  faces.sort((a, b) => a.near - b.near)
  const all = faces.flatMap(({ points }) => points)
  const [left, top] = [Math.min(...all.map((p) => p[0])), Math.min(...all.map((p) => p[1]))]
  const [wide, high] = [Math.max(...all.map((p) => p[0])) - left, Math.max(...all.map((p) => p[1])) - top]
  const paths = faces.map(({ d, face }) => `<path d="${d}" fill-rule="evenodd" fill="${face ? '#fffdf8' : '#e4d8c0'}"/>`)
  return `<svg viewBox="${left - 3} ${top - 3} ${wide + 6} ${high + 6}" preserveAspectRatio="xMidYMax meet">${paths.join('')}</svg>`
}
