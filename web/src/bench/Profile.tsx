/** How a strip looks from its end: the panel it is glued on as a thick line, the strip over it. */
const PATHS: Record<string, string> = {
  topper: 'M14 14H42 M18 14v6 M24 14v6 M32 14v6 M38 14v6',
  'spring-mount': 'M26 19H18V8H38V19H30',
  figure: 'M10 19H22V4',
  'pop-out': 'M4 15L12 12L19 4H37L44 12L52 15',
  swing: 'M8 10H34V19H46',
  band: 'M6 14H50',
  insert: 'M12 17H44',
  'small-card': 'M14 17H42 M14 17L36 5',
}

export function Profile({ kind }: { kind: string }) {
  const over = kind === 'pop-out'
  const corner = kind === 'swing'
  const parted = kind === 'band'
  return (
    <svg viewBox="0 0 56 24" className="h-9 w-20 shrink-0" aria-hidden="true">
      <path
        d={over ? 'M0 17L28 22L56 17' : corner ? 'M8 2V21H54' : parted ? 'M2 18H22 M34 18H54' : 'M2 21H54'}
        className="fill-none stroke-kraft-line"
        strokeWidth="3"
        strokeLinejoin="round"
      />
      <path d={PATHS[kind] ?? ''} className="fill-none stroke-ink" strokeWidth="1.8" strokeLinejoin="round" />
    </svg>
  )
}
