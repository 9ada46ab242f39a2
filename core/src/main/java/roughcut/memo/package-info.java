/** What was made before is used again while nothing that it hangs on has changed. */
package roughcut.memo;
