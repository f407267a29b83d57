/** One part of the table: what is kept there, with a word on it. */
export function Part({ title, note, children }: { title: string; note: string; children: React.ReactNode }) {
  return (
    <section aria-label={title} className="bg-chalk px-6 py-4">
      <h2 className="text-2xl">{title}</h2>
      <p className="plate-note mb-2">{note}</p>
      {children}
    </section>
  )
}
