package roughcut.file;

import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import roughcut.measure.InvalidInput;
import roughcut.measure.Text;

/** Which pages of a document are printed: all of them, or those that the maker names. */
public final class PageChoice {
  private static final Pattern PART = Pattern.compile("(\\d{1,4})(?:\\s*[-–]\\s*(\\d{1,4}))?");

  private PageChoice() {}

  /**
   * Reads “1-3, 5”.
   *
   * @param text nothing for all
   * @param last number of the last page
   * @return page numbers from 1 on, each once, in order
   * @throws InvalidInput where there is no such page, or none is named
   */
  public static int[] read(String text, int last) throws InvalidInput {
    if (text.isBlank()) {
      return IntStream.rangeClosed(1, last).toArray();
    }
    TreeSet<Integer> pages = new TreeSet<>();
    for (String part : text.split("[,;]")) {
      Matcher m = PART.matcher(part.strip());
      if (!m.matches()) {
        throw new InvalidInput(
            Text.of("“{typed}” is not a page; write for example 1-3, 5", part.strip()));
      }
      int from = Integer.parseInt(m.group(1));
      int to = m.group(2) == null ? from : Integer.parseInt(m.group(2));
      if (from < 1 || to > last || from > to) {
        throw new InvalidInput(
            last == 1
                ? Text.of("“{typed}”: this sheet has one page", part.strip())
                : Text.of("“{typed}”: the pages are 1 to {last}", part.strip(), last));
      }
      IntStream.rangeClosed(from, to).forEach(pages::add);
    }
    return pages.stream().mapToInt(Integer::intValue).toArray();
  }
}
