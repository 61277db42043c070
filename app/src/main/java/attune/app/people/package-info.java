/** Customers, vehicles and fleets, and what was used on a vehicle. */
package attune.app.people;
