import { useOtherReadings } from '../api/cards'
import { SheetSketch } from '../house/SheetSketch'
import { WithFractions } from '../house/WithFractions'

/** What else a recipe may mean, each as a small picture; touched, the recipe says so. */
export function OtherReadings({
  text,
  ruler,
  onWrite,
}: {
  text: string
  ruler: string
  onWrite: (text: string) => void
}) {
  const others = useOtherReadings(text, ruler)
  if (!others.data?.length) return null
  return (
    <div>
      <h2 className="text-lg italic">It may also be</h2>
      <ul className="flex flex-wrap gap-3">
        {others.data.map(({ words, text: then, whatItIs, verdict, pieces }) => (
          <li key={then}>
            <button
              type="button"
              className="flex h-full w-44 flex-col gap-1 border-2 border-chalk-dim bg-paper p-2 text-left text-base hover:border-ink"
              onClick={() => onWrite(then)}
            >
              <SheetSketch pieces={pieces} className="h-16 w-full bg-chalk" name="" />
              <strong>
                <WithFractions text={words} />
              </strong>
              <span>
                {whatItIs} {verdict}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  )
}
