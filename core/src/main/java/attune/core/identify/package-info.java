/** Telling finishes apart by cheap questions that harm nothing. */
package attune.core.identify;
