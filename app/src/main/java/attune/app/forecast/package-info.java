/** The air of the hours to come, and what a job would be like in it. */
package attune.app.forecast;
