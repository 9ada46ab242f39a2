/** The desktop application: starting it. */
package roughcut.desktop;
