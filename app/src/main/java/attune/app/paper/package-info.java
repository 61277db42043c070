/** The papers a shop sends: one letterhead, one set of hands, the number of each page. */
package attune.app.paper;
