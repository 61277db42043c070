/** Finishes and what each stands. */
package attune.core.material;
