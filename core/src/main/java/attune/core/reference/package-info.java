/** Reference tables: figures with unit and source. */
package attune.core.reference;
