/** What remains: the thinnest wood everywhere, against the maker's limits. */
package roughcut.clearance;
