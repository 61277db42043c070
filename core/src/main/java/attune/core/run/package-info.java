/** A job as it is done: what was seen, what follows from it, and what is left. */
package attune.core.run;
