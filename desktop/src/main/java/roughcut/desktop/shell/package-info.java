/** The window around the stations. */
package roughcut.desktop.shell;
