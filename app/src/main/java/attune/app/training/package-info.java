/** The training floor over HTTP: lessons, answers and what each person has passed. */
package attune.app.training;
