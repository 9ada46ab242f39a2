/**
 * The neck from the side and in section: head angle and scarf, back line, rod channel, and the
 * carved profile.
 */
package roughcut.neck;
