import { useMemo } from 'react'
import type { Card, InWrapPicture, Point } from '../api/client'
import { between } from '../house/motion'
import { onPaper } from '../papers/dress'
import { extentOfAll, PaperSketch } from '../papers/PaperSketch'

type Props = { picture: InWrapPicture; card: Card; at: number; className?: string }

/** A card in its wrap, so far on its way from out to in and shut. */
export function InWrap({ picture, card, at, className }: Props) {
  const { panels, frames, papers, madeOf, layers, first } = picture
  const within = useMemo(() => extentOfAll(panels, frames, false), [panels, frames])
  const dress = useMemo(
    () => ({ papers, madeOf, layers: [...layers, ...onPaper(card).map((layer) => countedOn(layer, first))] }),
    [papers, madeOf, layers, card, first],
  )
  const matrices = between(frames, at)
  return (
    <PaperSketch
      panels={panels}
      matrices={matrices}
      layers={panels.map(({ corners }, panel) => height(corners, matrices[panel]))}
      within={within}
      dress={dress}
      className={className}
    />
  )
}

type Layer = Card['layers'][number]

/** The card's panels come after those of the wrap. */
const countedOn = (layer: Layer, first: number): Layer => ({
  ...layer,
  panel: layer.panel + first,
  across: layer.across?.map((panel) => panel + first),
})

/** How high a panel's middle is: all of it lies nearly flat, so that what is higher is seen. */
function height(corners: Point[], matrix: number[]) {
  const sum = corners.reduce((all, { x, y }) => all + matrix[2] * x + matrix[6] * y, 0)
  return sum / corners.length + matrix[14]
}
