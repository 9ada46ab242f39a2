/**
 * What the maker owns and holds to, whatever the instrument: saws, limits, and the woods that the
 * program knows.
 */
package roughcut.shop;
