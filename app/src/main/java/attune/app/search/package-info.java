/** One search over everything the shop has. */
package attune.app.search;
