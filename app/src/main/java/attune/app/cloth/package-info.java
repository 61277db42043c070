/** Reading cloths and halves: what a colour or a photo says. */
package attune.app.cloth;
