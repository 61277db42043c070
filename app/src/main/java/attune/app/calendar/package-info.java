/** Visits, waits and after-care as iCalendar. */
package attune.app.calendar;
