/** What is on today. */
package attune.app.day;
