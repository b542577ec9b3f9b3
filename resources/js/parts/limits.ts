/** As far as a signal goes to either side, as `schema/program.schema.json` has it. */
export const FARTHEST = 1.5

/** The longest wait of a condition, and how soon a second press must follow, in seconds. */
export const MOST_SECONDS = 60
export const LEAST_WITHIN = 0.1
export const MOST_WITHIN = 2
