/** What the customer is told. */
package attune.app.handover;
