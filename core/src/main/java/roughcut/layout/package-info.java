/** Frets, nut, strings and saddle line in place: everything that the scale length decides. */
package roughcut.layout;
