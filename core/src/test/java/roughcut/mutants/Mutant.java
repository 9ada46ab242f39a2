package roughcut.mutants;

/**
 * A source with one thing in it broken.
 *
 * @param file the source's name within the room, {@code FretPlaces.java}
 * @param line where it is broken, from 1
 * @param told what was written there and what stands there now, {@code "a + b" → "a - b"}
 * @param source the whole source as broken
 */
public record Mutant(String file, long line, String told, String source) {
  String place() {
    return file + ":" + line + "  " + told;
  }
}
