package roughcut.rout;

import roughcut.geometry.Point;

/**
 * Something about the body's cuts that can't be.
 *
 * @param decisionId whose field the message belongs beside
 * @param at where it is, from above
 */
public record Trouble(String decisionId, String message, Point at) {}
