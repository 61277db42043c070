/** Jobs, their survey and its history. */
package attune.app.jobs;
