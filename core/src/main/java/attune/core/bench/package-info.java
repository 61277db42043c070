/** Works a plan off at the bench: the plan as it was frozen, its steps, and where they stand. */
package attune.core.bench;
