/** The shop: its water, hours, people, units and words for dates. */
package attune.app.shop;
