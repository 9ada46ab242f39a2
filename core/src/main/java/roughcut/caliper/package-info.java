/** Calipers that send what they read: one interface, a simulated one, and what lines mean. */
package roughcut.caliper;
