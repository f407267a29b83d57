const FRACTION = /(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)/g

/** Words as somebody wrote them, their fractions set as on a ruler; read aloud as they are written. */
export function WithFractions({ text, className = '' }: { text: string; className?: string }) {
  const found = [...text.matchAll(FRACTION)]
  if (found.length === 0) return <span className={className}>{text}</span>
  return (
    <span className={className}>
      <span className="sr-only">{text}</span>
      <span aria-hidden>
        {found.map((match, i) => (
          <span key={i}>
            {text.slice(i === 0 ? 0 : found[i - 1].index + found[i - 1][0].length, match.index)}
            <span className="figure align-middle">
              {match[1] && <span>{match[1]}</span>}
              <span className="fraction">
                <span>{match[2]}</span>
                <span>{match[3]}</span>
              </span>
            </span>
          </span>
        ))}
        {text.slice(found[found.length - 1].index + found[found.length - 1][0].length)}
      </span>
    </span>
  )
}
