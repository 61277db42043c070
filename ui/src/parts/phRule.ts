const acidMost = 2
const alkaliMost = 13

/** Where a pH stands on the shared rule, percent from the acid end. */
export const atPh = (ph: number) =>
  (100 * (Math.min(alkaliMost, Math.max(acidMost, ph)) - acidMost)) / (alkaliMost - acidMost)

export const phMarks = [2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13].map((ph) => ({ at: atPh(ph), text: `${ph}` }))
