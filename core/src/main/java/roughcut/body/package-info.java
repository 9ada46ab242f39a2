/** The body's surfaces: what its edges, contours and carving leave of a flat slab. */
package roughcut.body;
