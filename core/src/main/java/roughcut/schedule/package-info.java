/** When work is done: shop hours, waits by the clock, the latest starts, and what a brief holds. */
package roughcut.schedule;
