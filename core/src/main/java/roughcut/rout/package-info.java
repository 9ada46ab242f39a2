/**
 * What is cut into the body: the neck's pocket and bolts, pickups, cavities, bores and channels,
 * each as solids in the wood; the cutters, templates and passes that make them; what the body
 * weighs then. z counts downwards from the top's plane at the neck end.
 */
package roughcut.rout;
