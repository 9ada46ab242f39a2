/** The stations in the order of work; each arranges controls and chooses its drawing. */
package roughcut.desktop.station;
