/**
 * Points, outlines, distances and areas, without knowledge of the trade; JTS does the heavy work.
 */
package roughcut.geometry;
