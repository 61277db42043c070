/** What a job costs: packages of work, materials, what is referred, tax. */
package attune.core.quote;
