import { memo } from 'react'
import { type Figure, spoken } from '../api/client'

/** A measure set as on a ruler: whole figure, stacked fraction, unit. "≈" when only the nearest mark is shown. */
export const FigureText = memo(function FigureText({
  figure,
  unit = false,
  className = '',
}: {
  figure: Figure
  unit?: boolean
  className?: string
}) {
  const { sign, whole, numerator, driftMm, exactly } = figure
  return (
    <span className={`figure ${className}`} title={exactly && `exactly ${exactly}`}>
      <span className="sr-only">{spoken(figure)}</span>
      <span aria-hidden className="contents">
        {driftMm !== undefined && <span className="me-[0.1em]">≈</span>}
        {sign === '-' && <span>−</span>}
        {!(numerator && whole === '0') && <span>{whole}</span>}
        {numerator && (
          <span className="fraction">
            <span>{numerator}</span>
            <span>{figure.denominator}</span>
          </span>
        )}
        {unit && <span className="unit">{figure.unit}</span>}
      </span>
    </span>
  )
})
