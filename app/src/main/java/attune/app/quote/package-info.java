/** Quotes: what a visit costs, what was quoted, agreed and done. */
package attune.app.quote;
