/** Parts on their way: what has been done to each, and what is there now (handbook page 8). */
package roughcut.part;
