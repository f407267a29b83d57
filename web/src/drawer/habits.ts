/** What a maker chose last, so that it is not asked twice. */
export type Habits = { structure: string; ruler: string; sheet: string; envelope: string }

const KEY = 'vantbreeze.habits'

/** Where people measure in inches the house starts in inches. */
export function usualHabits(language: string): Habits {
  return /^en-(US|CA)$/.test(language)
    ? { structure: 'z-fold', ruler: 'eighths', sheet: 'letter', envelope: 'a2' }
    : { structure: 'z-fold', ruler: 'mm', sheet: 'a4', envelope: 'c6' }
}

export function recall(): Partial<Habits> {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Habits>
  } catch {
    return {}
  }
}

/** What a maker chose last, and what is usual where they live for the rest. */
export function lastHabits(): Habits {
  return { ...usualHabits(navigator.language), ...recall() }
}

export function remember(habits: Habits) {
  try {
    localStorage.setItem(KEY, JSON.stringify(habits))
  } catch {
    // a browser that keeps nothing only means that it is asked again next time
  }
}
