/** After-care of cars that left: what is due, what was done since, what waiting costs. */
package attune.app.care;
