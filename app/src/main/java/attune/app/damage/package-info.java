/** Damage that was there before, and the customer's word that it was. */
package attune.app.damage;
