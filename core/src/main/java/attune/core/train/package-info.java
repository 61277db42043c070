/**
 * The training floor: lessons, exercises made from random cabins, a panel that is worked by hand,
 * and their marks. What is right is what the matcher and the planner decide (docs/trade).
 */
package attune.core.train;
