/** Bottles: what to fill, how to step a mix up or down, and its label. */
package attune.app.mix;
