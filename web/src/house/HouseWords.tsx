import { useHouse } from '../api/house'

/** What the maker should know of the house before anything else: that nothing can be written, or that the cards are damaged. */
export function HouseWords() {
  const { data } = useHouse()
  if (!data?.words) return null
  return (
    <p role="alert" className="border-b-4 border-wrong bg-wrong-wash px-8 py-3 text-lg break-words">
      {data.words}
    </p>
  )
}
