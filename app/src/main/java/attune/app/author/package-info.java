/** Whose session made what is kept. */
package attune.app.author;
