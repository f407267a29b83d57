import type { Paper } from '../api/client'

/** A print: shapes on a tile 100 wide and high, its lower left corner at nil and up upwards. */
export type Motif = {
  shapes: { d: string; fill?: string; stroke?: string; width?: number; opacity?: number }[]
}

const disc = (x: number, y: number, r: number) =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`
const kite = (x: number, y: number, s: number) =>
  `M${x} ${y + s}L${x + 0.62 * s} ${y + 0.25 * s}L${x} ${y - s}L${x - 0.62 * s} ${y + 0.25 * s}z`
const tail = (x: number, y: number, s: number) => `M${x} ${y - s}q${0.5 * s} ${-0.35 * s} 0 ${-0.7 * s}t0 ${-0.7 * s}`

/** What is printed on a paper; none for a plain one and for a picture of the maker's own. */
export function motifOf({ print, ink }: Pick<Paper, 'print' | 'ink'>): Motif | null {
  switch (print) {
    case 'STRIPES':
      return {
        shapes: [
          { d: 'M0 0H38V100H0z', fill: ink },
          { d: 'M60 0H64V100H60z', fill: ink },
          { d: 'M74 0H78V100H74z', fill: ink },
        ],
      }
    case 'DOTS':
      return {
        shapes: [
          { d: disc(25, 25, 13), fill: ink },
          { d: disc(75, 75, 13), fill: ink },
        ],
      }
    case 'CHECKS':
      return {
        shapes: [
          { d: 'M0 0H50V100H0z', fill: ink, opacity: 0.45 },
          { d: 'M0 0H100V50H0z', fill: ink, opacity: 0.45 },
        ],
      }
    case 'KITES':
      return {
        shapes: [
          { d: kite(27, 74, 19), fill: ink },
          { d: tail(27, 74, 19), stroke: ink, width: 2.6 },
          { d: kite(76, 28, 14), fill: ink, opacity: 0.7 },
          { d: tail(76, 28, 14), stroke: ink, width: 2.2, opacity: 0.7 },
          { d: `M27 93V55M15.2 78.8H38.8`, stroke: '#ffffff', width: 1.4, opacity: 0.7 },
        ],
      }
    default:
      return null
  }
}

/** The other side of a card whose two sides are alike, a shade darker, so that they are told apart. */
export function backOf(base: Pick<Paper, 'colour' | 'back' | 'print'>): string {
  return base.back.toLowerCase() === base.colour.toLowerCase() ? shaded(base.colour) : base.back
}

function shaded(colour: string) {
  const kraft = [0x8a, 0x73, 0x50]
  const parts = [1, 3, 5].map((at, i) => Math.round(parseInt(colour.slice(at, at + 2), 16) * 0.8 + kraft[i] * 0.2))
  return `#${parts.map((part) => part.toString(16).padStart(2, '0')).join('')}`
}
