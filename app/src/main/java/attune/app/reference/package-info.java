/** Reference data, loaded and checked once at start-up. */
package attune.app.reference;
