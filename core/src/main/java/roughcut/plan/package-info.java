/** The plan: everything that follows from a build and a shop. */
package roughcut.plan;
