/** Photos of a job: upright, small enough, without a trace of where they were taken. */
package attune.app.photos;
