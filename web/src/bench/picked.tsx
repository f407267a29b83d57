import { createContext, type ReactNode, useContext, useMemo, useState } from 'react'
import type { Card, Piece } from '../api/client'

/**
 * What the maker points at, the same in every view. Panels and glue are told by numbers among those of the whole card,
 * lines by their piece and their place in its lists.
 */
export type Picked =
  | { kind: 'panel'; index: number }
  | { kind: 'piece'; piece: number }
  | { kind: 'measure'; id: string }
  | { kind: 'panels'; indices: number[] }
  | { kind: 'score' | 'level' | 'mark' | 'glue'; piece: number; index: number }
  | null

/** All that is lit when something is picked: panels by number, hinges by "piece:index", slits likewise. */
export type Lit = { panels: Set<number>; hinges: Set<string>; marks: Set<string> }

const NOTHING: Lit = { panels: new Set(), hinges: new Set(), marks: new Set() }

type Pointable = { pieces: Piece[]; measures?: Card['measures'] }
type Pointing = { picked: Picked; pick: (picked: Picked) => void; lit: Lit }

const PickedContext = createContext<Pointing>({ picked: null, pick: () => {}, lit: NOTHING })

export const usePicked = () => useContext(PickedContext)

export function Pickable({ pieces, measures = [], children }: Pointable & { children: ReactNode }) {
  const [picked, pick] = useState<Picked>(null)
  // while a line is dragged the pieces change and what is lit does not
  const lights = useAlike(lit(picked, { pieces, measures }))
  const pointing = useMemo(() => ({ picked, pick, lit: lights }), [picked, lights])
  return <PickedContext.Provider value={pointing}>{children}</PickedContext.Provider>
}

/** The same object as long as it lights the same. */
function useAlike(lights: Lit): Lit {
  const key = [lights.panels, lights.hinges, lights.marks].map((set) => [...set].join()).join(';')
  const [kept, keep] = useState({ key, lights })
  if (kept.key === key) return kept.lights
  keep({ key, lights })
  return lights
}

function lit(picked: Picked, { pieces, measures }: Required<Pointable>): Lit {
  if (!picked) return NOTHING
  if (picked.kind === 'panel') return { ...NOTHING, panels: new Set([picked.index]) }
  if (picked.kind === 'panels') return { ...NOTHING, panels: new Set(picked.indices) }
  if (picked.kind === 'measure') return { ...NOTHING, panels: new Set(measuredBy(picked.id, pieces, measures)) }
  const piece = pieces.find(({ number }) => number === picked.piece)
  if (!piece) return NOTHING
  const key = (index: number) => `${piece.number}:${index}`
  switch (picked.kind) {
    case 'piece':
      return { ...NOTHING, panels: new Set(piece.panels.map(({ index }) => index)) }
    case 'score':
      return { ...NOTHING, hinges: new Set(piece.scores[picked.index]?.hinges.map(key)) }
    case 'level':
      return { ...NOTHING, hinges: new Set(piece.turned[picked.index]?.hinges.map(key)) }
    case 'mark':
      return { ...NOTHING, marks: new Set([key(picked.index)]) }
    case 'glue': {
      const glue = piece.glue[picked.index]
      return glue ? { ...NOTHING, panels: new Set([glue.panel, glue.other]) } : NOTHING
    }
  }
}

/** The panels whose width a measure is, or whose height as the height of their piece; otherwise those it is about. */
export function measuredBy(id: string, pieces: Piece[], measures: Card['measures']): number[] {
  const sized = pieces.flatMap(({ panels, heightMeasure }) =>
    panels.filter(({ measure }) => heightMeasure === id || measure === id).map(({ index }) => index),
  )
  return sized.length > 0 ? sized : (measures.find((measure) => measure.id === id)?.touches ?? [])
}

/** Whether a measure is pointed at, by itself or by a panel whose width it is. */
export function isMeasurePicked(picked: Picked, id: string, pieces: Piece[]) {
  return (
    (picked?.kind === 'measure' && picked.id === id) ||
    (picked?.kind === 'panel' &&
      pieces.some(({ panels }) => panels.some(({ index, measure }) => index === picked.index && measure === id)))
  )
}

/** What an element needs to pick something when pointed at or reached by keyboard. */
export function picking(pick: Pointing['pick'], what: NonNullable<Picked>) {
  return {
    onPointerEnter: () => pick(what),
    onPointerLeave: () => pick(null),
    onFocus: () => pick(what),
    onBlur: () => pick(null),
  }
}

export function isPicked(picked: Picked, what: NonNullable<Picked>) {
  return JSON.stringify(picked) === JSON.stringify(what)
}
