/** What was found in a cabin. */
package attune.core.survey;
