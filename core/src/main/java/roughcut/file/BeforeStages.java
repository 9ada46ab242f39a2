package roughcut.file;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import roughcut.design.BodyDecisions;
import roughcut.design.Design;
import roughcut.record.DoneOperation;
import roughcut.record.Measurable;
import roughcut.record.Measurables;
import roughcut.record.Reading;

/**
 * How far parts had come was decided in formats 1 and 2: how much too thick the body still was, how
 * far outside its line, how thick the neck while it was carved. It was read, not decided, and so it
 * becomes readings; 0 stood for “not measured”.
 */
final class BeforeStages {
  private static final String STOCK = "body.stock-left";
  private static final Map<String, Measurable> NOW =
      Map.of(
          STOCK,
          Measurables.BODY_THICKNESS,
          "body.outline-left",
          Measurables.BODY_OUTSIDE,
          "carve.now-1",
          Measurables.NECK_1,
          "carve.now-12",
          Measurables.NECK_12);
  private static final String SURFACES = "body.surfaces";

  /** A day for what was typed in without one, when nothing else in the file has any. */
  private static final LocalDateTime UNDATED = LocalDateTime.of(2000, 1, 1, 0, 0);

  private BeforeStages() {}

  /** Whether a decision of that id was one of an earlier format only. */
  static boolean had(String id) {
    return NOW.containsKey(id) || id.equals(SURFACES);
  }

  /** The readings with those of an earlier format under their present names. */
  static List<Reading> readings(
      List<Reading> read, List<DoneOperation> done, JsonNode decisions, Design design) {
    List<Reading> all = new ArrayList<>();
    LocalDateTime last =
        Stream.concat(read.stream().map(Reading::at), done.stream().map(DoneOperation::at))
            .max(Comparator.naturalOrder())
            .orElse(UNDATED);
    NOW.forEach(
        (id, measurable) -> {
          double decided = decisions.path(id).asDouble(0);
          if (decided > 0) {
            add(all, Reading.of(id, decided, last), measurable, design);
          }
        });
    for (Reading reading : read) {
      Measurable measurable = NOW.get(reading.of());
      if (measurable == null) {
        all.add(reading);
      } else {
        add(all, reading, measurable, design);
      }
    }
    return all;
  }

  private static void add(
      List<Reading> all, Reading reading, Measurable measurable, Design design) {
    double value =
        reading.of().equals(STOCK) && reading.value() > 0
            ? BodyDecisions.BODY_THICKNESS.in(design) + reading.value()
            : reading.value();
    // Less than can be read was the old way to say that there is no reading.
    if (value > 0 && measurable.range().allows(value)) {
      all.add(
          new Reading(
              measurable.id(),
              value,
              reading.at(),
              reading.stage(),
              reading.with(),
              reading.counts()));
    }
  }
}
