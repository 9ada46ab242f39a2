package roughcut.finding;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import roughcut.measure.Text;
import roughcut.measure.Units;

/**
 * What is wrong in a plan, or wants a look, apart from wood that is left thin. Found once, in core,
 * and told alike by screen, paper and command line.
 *
 * @param where id of the decision whose field it belongs beside, or a board's place in the rack
 *     ({@link #ofBoard}); empty where it is of none
 * @param message what can't be or is missing, why that matters, and what would mend it
 */
public record Finding(Severity severity, Topic topic, String where, Message message) {
  /** How bad it is, the worst first. */
  public enum Severity {
    /**
     * Decisions, each sensible alone, that can't be had together. The plan stands all the same,
     * worked out and drawn as far as it goes.
     */
    IMPOSSIBLE(Text.of("can't be made")),
    /** Could be had, but nobody may begin before it is mended. */
    STOP(Text.of("not ready")),
    /** Wood or a tool that isn't there yet: what wants it waits, and nothing else does. */
    GET(Text.of("to get")),
    LOOK(Text.of("look"));

    private final Text word;

    Severity(Text word) {
      this.word = word;
    }

    public Text word() {
      return word;
    }
  }

  /** Before a board's id; no decision's id has a space in it. */
  private static final String BOARD = "board ";

  /** Where a finding about a board of the rack belongs. */
  public static String ofBoard(String id) {
    return BOARD + id;
  }

  /** The board of the rack that it is about. */
  public Optional<String> board() {
    return board(where);
  }

  /** The board at a finding's place; empty where that is none. */
  public static Optional<String> board(String where) {
    return where.startsWith(BOARD)
        ? Optional.of(where.substring(BOARD.length()))
        : Optional.empty();
  }

  /** The whole of it. */
  public Text text() {
    return message.text();
  }

  /** What is wrong, in one sentence. */
  public Text what() {
    return message.what();
  }

  /** As it is read in millimetres. */
  public String words() {
    return text().in(Units.MM);
  }

  public String words(Units units) {
    return text().in(units);
  }

  /** Whether another tells of the same matter, be it with other numbers. */
  public boolean sameMatter(Finding other) {
    return severity == other.severity
        && topic == other.topic
        && where.equals(other.where)
        && what().alike(other.what());
  }

  /** Whether work can't begin before it is mended. */
  public boolean stops() {
    return severity != Severity.LOOK;
  }

  /** Whether it is only wood or a tool that isn't there yet. */
  public boolean missing() {
    return severity == Severity.GET;
  }

  /** How many of each there are, the worst first: “1 not ready, 2 to get”; empty for none. */
  public static Text counted(List<Finding> all) {
    return Text.joined(
        all.stream()
            .collect(
                Collectors.groupingBy(
                    Finding::severity, () -> new EnumMap<>(Severity.class), Collectors.counting()))
            .entrySet()
            .stream()
            .map(e -> Text.of("{count} {severity}", e.getValue(), e.getKey().word()))
            .toList(),
        ", ");
  }

  /** The worst first, otherwise as they were found. */
  public static List<Finding> sorted(List<Finding> all) {
    return all.stream().sorted(Comparator.comparing(Finding::severity)).toList();
  }
}
