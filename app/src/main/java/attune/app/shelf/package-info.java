/** The shop's products and tools. */
package attune.app.shelf;
