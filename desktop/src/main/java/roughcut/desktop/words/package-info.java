/** What the windows say, and in which language. */
package roughcut.desktop.words;
