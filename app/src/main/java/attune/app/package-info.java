/** The Attune application: one package per capability. */
package attune.app;
