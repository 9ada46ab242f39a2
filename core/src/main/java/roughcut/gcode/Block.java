package roughcut.gcode;

import java.util.List;

/**
 * What a controller takes at once: a line of a program without its comments.
 *
 * @param line of the text, from 1
 * @param optional whether it begins with a slash, so that a switch leaves it out
 */
public record Block(int line, boolean optional, List<Word> words) {
  public Block {
    words = List.copyOf(words);
  }
}
