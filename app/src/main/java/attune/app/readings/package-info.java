/** Readings at the bench: typed in, or taken from an instrument behind a port. */
package attune.app.readings;
