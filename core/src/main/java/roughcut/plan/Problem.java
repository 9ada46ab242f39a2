package roughcut.plan;

/**
 * Decisions, each sensible alone, that can't be had together.
 *
 * @param decisionId whose field the message belongs beside
 * @param message what can't be, and the nearest value that can
 */
public record Problem(String decisionId, String message) {}
