/** Colours of cloths and halves: what they say of soil and pigment (domain 4, model 8). */
package attune.core.colour;
