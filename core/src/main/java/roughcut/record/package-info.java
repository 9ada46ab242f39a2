/** What was decided, read and done: what a build is, and what its file holds. */
package roughcut.record;
