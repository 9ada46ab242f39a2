/** A new instrument from what a maker knows at the beginning. */
package roughcut.start;
