/** The live run of a job: tasks, clocks, ticks. */
package attune.app.bench;
