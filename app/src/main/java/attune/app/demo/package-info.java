/** The demo world, Lantern Yard Trim Care. */
package attune.app.demo;
