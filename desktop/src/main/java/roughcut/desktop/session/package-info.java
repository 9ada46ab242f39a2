/** What one window works on - build, undo, saving - and the person's habits. No controls. */
package roughcut.desktop.session;
