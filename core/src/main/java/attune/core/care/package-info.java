/**
 * What keeps a cabin good: intervals by use, what is due, what waiting costs (domain 4, model 10).
 */
package attune.core.care;
