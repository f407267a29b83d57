import { CanvasTexture, RepeatWrapping, SRGBColorSpace, type Texture, TextureLoader } from 'three'
import type { Paper } from '../api/client'
import { motifOf } from './motifs'

const PIXELS = 256
const known = new Map<string, Texture>()

/** How many millimetres one tile of a paper's print is wide. */
export const repeatOf = (paper: Paper) => paper.repeatMm

/** A paper's print as a texture that repeats; none for a plain one. Each is drawn once. */
export function textureOf(paper: Paper, onReady: () => void): Texture | null {
  if (paper.print === 'NONE') return null
  const key = `${paper.print} ${paper.colour} ${paper.ink} ${paper.image ?? ''}`
  const before = known.get(key)
  if (before) return before
  const texture = paper.image ? new TextureLoader().load(paper.image, onReady) : drawn(paper)
  texture.wrapS = RepeatWrapping
  texture.wrapT = RepeatWrapping
  texture.colorSpace = SRGBColorSpace
  texture.anisotropy = 4
  known.set(key, texture)
  return texture
}

function drawn(paper: Paper) {
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = PIXELS
  const pen = canvas.getContext('2d')!
  pen.fillStyle = paper.colour
  pen.fillRect(0, 0, PIXELS, PIXELS)
  // up upwards, as on a sheet
  pen.setTransform(PIXELS / 100, 0, 0, -PIXELS / 100, 0, PIXELS)
  for (const { d, fill, stroke, width, opacity } of motifOf(paper)!.shapes) {
    const path = new Path2D(d)
    pen.globalAlpha = opacity ?? 1
    if (fill) {
      pen.fillStyle = fill
      pen.fill(path)
    }
    if (stroke) {
      pen.strokeStyle = stroke
      pen.lineWidth = width ?? 1
      pen.stroke(path)
    }
  }
  return new CanvasTexture(canvas)
}
