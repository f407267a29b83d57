import { memo } from 'react'
import type { Card, Piece } from '../api/client'
import { LayerShape } from './LayerShape'

type Props = { piece: Piece; layers: Card['layers']; papers: Card['papers']; face: boolean }

/** All layers on one side of a piece, in millimetres on its sheet. */
export const LayersOnSheet = memo(function LayersOnSheet({ piece, layers, papers, face }: Props) {
  const first = piece.copies[0]
  const here = layers.filter(
    (layer) => layer.face === face && layer.panel >= first && layer.panel < first + piece.panels.length,
  )
  return here.map((layer, i) => (
    <LayerShape key={i} layer={layer} paper={papers.find(({ id }) => id === layer.paper)} />
  ))
})
