/**
 * The strings: their pull, where their saddles stand, the bridge in its window, and the heights.
 */
package roughcut.strings;
