/** Least harm that is strong enough, with every reason. */
package attune.core.match;
