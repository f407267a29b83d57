import { memo } from 'react'
import type { Figure } from '../api/client'

/** A measure set as on a ruler: whole figure, stacked fraction, unit. "≈" when only the nearest mark is shown. */
export const FigureText = memo(function FigureText({ figure, unit = false, className = '' }: { figure: Figure; unit?: boolean; className?: string }) {
  const bare = figure.numerator > 0 && figure.whole === '0'
  return (
    <span className={`figure ${className}`} title={figure.driftMm === 0 ? undefined : `exactly ${figure.text}`}>
      <span className="sr-only">{figure.words}</span>
      <span aria-hidden className="contents">
        {figure.driftMm !== 0 && <span className="me-[0.1em]">≈</span>}
        {figure.sign === '-' && <span>−</span>}
        {!bare && <span>{figure.whole}</span>}
        {figure.numerator > 0 && (
          <span className="fraction">
            <span>{figure.numerator}</span>
            <span>{figure.denominator}</span>
          </span>
        )}
        {unit && <span className="unit">{figure.unit}</span>}
      </span>
    </span>
  )
})
