/** Who works here: signing in, roles and what each may do, and the log of what matters later. */
package attune.app.crew;
