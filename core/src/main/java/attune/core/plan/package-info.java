/** From matched treatments to steps, doses and a timetable. */
package attune.core.plan;
