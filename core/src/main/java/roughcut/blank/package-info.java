/** Boards and blanks: laminations, and what the outline does to them. */
package roughcut.blank;
