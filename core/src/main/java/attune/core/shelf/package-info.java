/** Products and tools as their labels describe them. */
package attune.core.shelf;
