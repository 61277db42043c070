/** Backups of the whole data directory, each one file with a list of what is in it. */
package attune.app.backup;
