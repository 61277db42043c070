/** Cabin layouts, drawn from data. */
package attune.app.layouts;
