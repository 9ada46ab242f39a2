/** The fretboard: its radius, and later its slots, markers and wire. */
package roughcut.fretboard;
