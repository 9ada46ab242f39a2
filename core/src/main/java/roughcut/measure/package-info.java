/** Lengths and angles as typed and shown, and numbers that can tell where they come from. */
package roughcut.measure;
