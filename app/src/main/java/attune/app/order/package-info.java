/** What the coming jobs need, and what of it has to be ordered. */
package attune.app.order;
