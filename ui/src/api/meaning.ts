/**
 * What this page takes answers to mean: the version of the API's document. The server refuses a page
 * of another meaning, and what a device kept of one is let go of.
 */
export const MEANING = '2'

/** What the installed application keeps for when there is no line. */
export const READS = `attune-reads-${MEANING}`

/** A run as it was last heard. */
export const RUN = `attune.run-${MEANING}.`
