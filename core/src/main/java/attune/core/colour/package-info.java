/** Colours of cloths and halves: what they say of soil and pigment (docs/trade, model 8). */
package attune.core.colour;
