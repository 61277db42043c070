/** A vehicle's earlier visits and what was used on them. */
package attune.app.history;
