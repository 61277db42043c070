/**
 * What keeps a cabin good: intervals by use, what is due, what waiting costs (docs/trade, model
 * 10).
 */
package attune.core.care;
