/** The guided interview over HTTP. */
package attune.app.identify;
