/**
 * What the maker decided, measured and called the instrument: the records that a build file holds.
 * Nothing here is derived.
 */
package roughcut.design;
