/** Faults in input, as data. */
package attune.core.check;
