/**
 * A surface that answers to what is done to it, and instruments that read it (docs/trade, model
 * 11).
 */
package attune.core.simulate;
