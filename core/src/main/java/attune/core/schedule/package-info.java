/** Work, waits, people and things shared, put on the clock; knows nothing of cabins. */
package attune.core.schedule;
