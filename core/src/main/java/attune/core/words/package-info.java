/** Sentences: a code and its arguments, said from one catalogue of ICU messages by area. */
package attune.core.words;
