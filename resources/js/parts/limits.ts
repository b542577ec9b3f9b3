/** As far as a signal goes to either side, as `schema/program.schema.json` has it. */
export const FARTHEST = 1.5
