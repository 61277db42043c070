/** When a job is done, by whom, and what could be moved. */
package attune.app.timetable;
