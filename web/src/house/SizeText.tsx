import { memo } from 'react'
import type { Size } from '../api/client'
import { FigureText } from './FigureText'

/** Width by height. */
export const SizeText = memo(function SizeText({ size, className = '' }: { size: Size; className?: string }) {
  return (
    <span className={`inline-flex items-center gap-[0.3em] whitespace-nowrap ${className}`}>
      <FigureText figure={size.width} />
      <span className="figure text-[0.75em]">
        <span aria-hidden>×</span>
        <span className="sr-only"> by </span>
      </span>
      <FigureText figure={size.height} unit />
    </span>
  )
})
