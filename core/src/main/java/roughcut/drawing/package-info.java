/**
 * Marks, and what is drawn for each station. One drawing is shown on the screen and written to
 * paper and files.
 */
package roughcut.drawing;
