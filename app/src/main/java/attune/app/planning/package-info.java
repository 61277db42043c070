/** Planning without the database: the headless command and its stateless HTTP twins. */
package attune.app.planning;
