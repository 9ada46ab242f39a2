package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.design.Design;
import roughcut.measure.Range;
import roughcut.measure.Text;
import roughcut.record.ChangedDecision;
import roughcut.record.DoneOperation;
import roughcut.record.FretRecords;
import roughcut.record.FretStage;
import roughcut.record.Log;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Note;
import roughcut.record.Reading;

/**
 * What happened to an instrument, as JSON: {@code log} with its readings, what was done, and what
 * was done to which fret. Format 1 had one reading of each thing in {@code measured}, by id, and
 * {@code frets} at the top; how far parts had come was decided until format 3.
 */
final class LogJson {
  static final String FIELD = "log";
  static final String FRETS = "frets";

  /** Where format 1 had its readings. */
  static final String MEASURED = "measured";

  /** Nobody stands at one operation for two months of days and nights. */
  static final int MOST_MINUTES = 100_000;

  private static final Pattern FRET = Pattern.compile("(\\d{1,2})\\.([a-z-]+)");

  private final BuildJson build;
  private final Design design;

  LogJson(BuildJson build, Design design) {
    this.build = build;
    this.design = design;
  }

  static void write(ObjectNode node, Log log) {
    ArrayNode readings = node.putArray("readings");
    for (Reading reading : log.readings()) {
      ObjectNode one = readings.addObject();
      one.put("of", reading.of());
      one.put("at", reading.at().toString());
      BuildJson.putNumber(one, "value", reading.value());
      one.put("stage", reading.stage());
      one.put("with", reading.with());
      one.put("counts", reading.counts());
    }
    ArrayNode done = node.putArray("done");
    for (DoneOperation operation : log.done()) {
      ObjectNode one = done.addObject();
      one.put("operation", operation.operation());
      one.put("at", operation.at().toString());
      one.put("minutes", operation.hands().toMinutes());
      one.put("note", operation.note());
      numbers(one, "cutAt", operation.cutAt());
      if (!operation.accepted().isEmpty()) {
        numbers(one, "accepted", operation.accepted());
      }
    }
    writeFrets(node.putObject(FRETS), log.frets());
    ArrayNode notes = node.putArray("notes");
    for (Note note : log.notes()) {
      notes
          .addObject()
          .put("at", note.at().toString())
          .put("about", note.about())
          .put("words", note.words())
          .put("picture", note.picture());
    }
    ArrayNode decided = node.putArray("decided");
    for (ChangedDecision change : log.decided()) {
      decided
          .addObject()
          .put("at", change.at().toString())
          .put("of", change.of())
          .put("was", change.was())
          .put("is", change.is());
    }
  }

  private static void numbers(ObjectNode node, String field, Map<String, Double> byId) {
    ObjectNode numbers = node.putObject(field);
    byId.forEach((id, value) -> BuildJson.putNumber(numbers, id, value));
  }

  /** Flat, so that a stage taken back isn't mistaken for a field that this program doesn't know. */
  private static void writeFrets(ObjectNode node, FretRecords frets) {
    frets
        .done()
        .forEach(
            (fret, stages) ->
                stages.forEach(
                    (stage, day) -> node.put(fret + "." + stage.word(), day.toString())));
  }

  /**
   * Reads the log of a build, of this format or of the first.
   *
   * @throws FileTrouble saying what is wrong and where
   */
  Log read(ObjectNode root) throws FileException {
    if (!root.has(FIELD)) {
      List<Reading> first = first(root.path(MEASURED));
      return new Log(staged(first, List.of(), root), List.of(), frets(root.path(FRETS)));
    }
    JsonNode node = root.path(FIELD);
    List<Reading> readings = new ArrayList<>();
    for (JsonNode one : node.path("readings")) {
      String of = one.path("of").asText();
      String where = "log, reading of " + of;
      readings.add(
          new Reading(
              of,
              value(of, one.path("value"), where),
              time(one.path("at").asText(), where),
              one.path("stage").asText(""),
              one.path("with").asText(""),
              one.path("counts").asBoolean(true)));
    }
    if (root.path("format").asInt() < BuildJson.ENTERED) {
      readings.sort(Comparator.comparing(Reading::at)); // the latest stood until then
    }
    List<DoneOperation> done = new ArrayList<>();
    for (JsonNode one : node.path("done")) {
      String operation = one.path("operation").asText();
      String where = "log, " + operation + " done";
      done.add(
          new DoneOperation(
              operation,
              time(one.path("at").asText(), where),
              hands(one.path("minutes"), where),
              one.path("note").asText(""),
              numbers(one.path("cutAt"), where),
              numbers(one.path("accepted"), where)));
    }
    List<Note> notes = new ArrayList<>();
    for (JsonNode one : node.path("notes")) {
      notes.add(
          new Note(
              time(one.path("at").asText(), "log, a note"),
              one.path("about").asText(""),
              one.path("words").asText(""),
              one.path("picture").asText("")));
    }
    List<ChangedDecision> decided = new ArrayList<>();
    for (JsonNode one : node.path("decided")) {
      decided.add(
          new ChangedDecision(
              time(one.path("at").asText(), "log, a decision"),
              one.path("of").asText(""),
              one.path("was").asText(""),
              one.path("is").asText("")));
    }
    return new Log(staged(readings, done, root), done, frets(node.path(FRETS)), notes, decided);
  }

  private Duration hands(JsonNode minutes, String where) throws FileException {
    double taken = minutes.isMissingNode() ? 0 : build.number(minutes, where + ", minutes");
    if (taken < 0 || taken > MOST_MINUTES) {
      throw new FileException(
          Text.of("{file}: {where}: {taken} minutes can't be right", build.file(), where, taken));
    }
    return Duration.ofMinutes(Math.round(taken));
  }

  private Map<String, Double> numbers(JsonNode node, String where) throws FileException {
    Map<String, Double> set = new TreeMap<>();
    for (Map.Entry<String, JsonNode> entry : node.properties()) {
      set.put(entry.getKey(), build.number(entry.getValue(), where + ", " + entry.getKey()));
    }
    return set;
  }

  private List<Reading> staged(List<Reading> readings, List<DoneOperation> done, ObjectNode root) {
    return BeforeStages.readings(readings, done, root.path("decisions"), design);
  }

  /** Format 1: the one reading that stood of each decision. */
  private List<Reading> first(JsonNode object) throws FileException {
    List<Reading> readings = new ArrayList<>();
    for (Map.Entry<String, JsonNode> entry : object.properties()) {
      String id = entry.getKey();
      double value = value(id, entry.getValue().path("value"), "measured, " + id);
      if (range(id).isPresent() || BeforeStages.had(id)) {
        readings.add(
            Reading.of(id, value, day(entry.getValue().path("on").asText(), "measured " + id)));
      }
    }
    return readings;
  }

  /** Between what it can be read; empty where nothing is measured under that id. */
  private Optional<Range> range(String id) {
    return Measurables.find(design, id).map(Measurable::range);
  }

  private double value(String id, JsonNode node, String where) throws FileException {
    double value = build.number(node, where);
    if (range(id).map(r -> !r.allows(value)).orElse(false)) {
      throw new FileException(
          Text.of("{file}: measured {id} of {value} can't be right", build.file(), id, value));
    }
    return value;
  }

  private FretRecords frets(JsonNode node) throws FileException {
    FretRecords frets = FretRecords.NONE;
    for (Map.Entry<String, JsonNode> entry : node.properties()) {
      for (FretStage stage : FretStage.values()) {
        Matcher matcher = FRET.matcher(entry.getKey());
        if (matcher.matches() && matcher.group(2).equals(stage.word())) {
          LocalDate day = day(entry.getValue().asText(), "frets, " + entry.getKey());
          frets = frets.turned(Integer.parseInt(matcher.group(1)), stage, day);
        }
      }
    }
    return frets;
  }

  private LocalDate day(String text, String where) throws FileException {
    try {
      return LocalDate.parse(text);
    } catch (DateTimeParseException e) {
      throw new FileException(
          Text.of(
              "{file}: {where}: “{text}” is not a day like 2026-05-31", build.file(), where, text),
          e);
    }
  }

  private LocalDateTime time(String text, String where) throws FileException {
    try {
      return LocalDateTime.parse(text);
    } catch (DateTimeParseException e) {
      throw new FileException(
          Text.of(
              "{file}: {where}: “{text}” is not a time like 2026-05-31T16:20",
              build.file(),
              where,
              text),
          e);
    }
  }
}
