/** All of an installation's data out into one open file, and in again. */
package attune.app.transfer;
