package roughcut.plan;

/**
 * Decisions, each sensible alone, that can't be had together. The plan stands all the same, worked
 * out and drawn as far as it goes, with what is wrong in it; a value that is right in itself is
 * never refused.
 *
 * @param decisionId whose field the message belongs beside
 * @param message what can't be, and the nearest value that can
 */
public record Problem(String decisionId, String message) {}
