/** Controls of our own, used by every station. */
package roughcut.desktop.control;
