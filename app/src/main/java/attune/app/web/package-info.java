/** What all HTTP endpoints share: faults, size limits, the front end. */
package attune.app.web;
