/** How long customers' data is kept. */
package attune.app.retention;
