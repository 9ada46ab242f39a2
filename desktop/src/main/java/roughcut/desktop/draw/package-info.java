/** The drawing surface and how marks are painted on it. */
package roughcut.desktop.draw;
