/** Units and the physics of mixing, drying and dosing. */
package attune.core.measure;
