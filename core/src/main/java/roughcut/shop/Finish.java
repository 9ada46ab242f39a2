package roughcut.shop;

/**
 * A finish as a schedule of coats.
 *
 * @param minutes hands-on for a coat on body and neck
 * @param between wait from one coat to the next, h
 * @param hard wait after the last one until it may be handled, h
 * @param film that stays on the wood, mm
 * @param grit of the last sanding before the first coat
 * @param danger what it is dangerous by: rags, vapour, or empty
 */
public record Finish(
    String id,
    String name,
    int coats,
    int minutes,
    double between,
    double hard,
    double film,
    int grit,
    String danger) {}
