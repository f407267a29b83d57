import type { ChosenLayer, Layers, LayerCommand } from '../api/client'

type TypedLayer = LayerCommand['layers'][number]

/** A layer as it stands, written as a maker would type it. */
export const typed = (layer: ChosenLayer): TypedLayer => ({
  paper: layer.paper,
  border: layer.border.text,
  width: layer.width?.text,
  height: layer.height?.text,
  pad: layer.pad?.text,
  otherSide: layer.otherSide,
  die: layer.die,
})

/** All that lies on a face, likewise. */
export const typedStack = ({ layers, embellishments }: Layers['dressed'][number]) => ({
  layers: layers.map(typed),
  embellishments: embellishments.map(typedEmbellishment),
})

/** What is set on top, likewise. */
export const typedEmbellishment = ({
  name,
  size,
  height,
  grams,
}: Layers['dressed'][number]['embellishments'][number]): LayerCommand['embellishments'][number] => ({
  name,
  width: size.width.text,
  height: size.height.text,
  standsUp: height.text,
  grams,
})
