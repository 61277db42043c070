/** What the shop's own records say of its minutes and amounts. */
package attune.app.learning;
