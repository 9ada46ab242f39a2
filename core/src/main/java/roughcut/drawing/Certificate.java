package roughcut.drawing;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import roughcut.bench.BuildSummary;
import roughcut.blank.BlankKeys;
import roughcut.design.BodyDecisions;
import roughcut.design.Decisions;
import roughcut.design.RoutDecisions;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.layout.LayoutKeys;
import roughcut.measure.NumberWriter;
import roughcut.measure.Pitch;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.record.FretStage;
import roughcut.record.Measurables;
import roughcut.record.Reading;
import roughcut.rout.RoutKeys;
import roughcut.shop.FinishBook;
import roughcut.strings.StringPull;

/**
 * An instrument's birth certificate on one page: its woods, its numbers as they really are, its
 * weight, its strings, and how it was set up (handbook page 7, "After the woodwork").
 */
public final class Certificate {
  private static final double WIDTH = 250;
  private static final double HEIGHT = 176;
  private static final double LEFT = 8;
  private static final double SECOND = 128;
  private static final double LINE = 6.2;
  private static final double VALUES = 46;

  private final Plan plan;
  private final Units units;
  private final Sketch sketch;

  private Certificate(Plan plan, Units units) {
    this.plan = plan;
    this.units = units;
    this.sketch = new Sketch(plan, units);
  }

  public static Drawing of(Plan plan, Units units) {
    return new Certificate(plan, units).draw();
  }

  private Drawing draw() {
    sketch.outline(Role.EDGE, Outline.rectangle(0, -HEIGHT, WIDTH, 0));
    sketch.text(Role.OUTLINE, LEFT, -14, Text.raw(plan.name()), Anchor.START, Size.TITLE);
    sketch.text(Role.NOTE, LEFT, -21, made(), Anchor.START, Size.SMALL);
    double left = column(LEFT, -34, Text.of("Woods"), woods());
    column(LEFT, left - 6, Text.of("Strings"), strings());
    double right = column(SECOND, -34, Text.of("Dimensions"), measures());
    column(SECOND, right - 6, Text.of("Set-up"), setUp());
    sketch.text(
        Role.NOTE,
        LEFT,
        -HEIGHT + 6,
        Text.of("Numbers measured on the instrument are marked •. All others are as planned."),
        Anchor.START,
        Size.SMALL);
    return sketch.drawing(
        Text.of("{plan}: certificate", plan.name()), new Bounds(-2, -HEIGHT - 2, WIDTH + 2, 2));
  }

  private Text made() {
    Optional<LocalDateTime> last =
        plan.log().done().stream().map(d -> d.at()).max(LocalDateTime::compareTo);
    // A certificate says what was done, whenever it is printed; what comes next is no part of it.
    Text how = BuildSummary.of(plan, last.orElse(LocalDateTime.MIN)).far();
    return last.map(l -> Text.of("{state} · last worked on {day}", how, l.toLocalDate()))
        .orElse(how);
  }

  private double column(double x, double y, Text title, Map<String, String> rows) {
    sketch.text(Role.OUTLINE, x, y, title, Anchor.START, Size.NORMAL);
    double at = y - LINE - 1;
    for (Map.Entry<String, String> row : rows.entrySet()) {
      sketch.text(Role.NOTE, x, at, Text.word(row.getKey()), Anchor.START, Size.SMALL);
      sketch.text(Role.OUTLINE, x + VALUES, at, Text.raw(row.getValue()), Anchor.START, Size.SMALL);
      at -= LINE;
    }
    return at;
  }

  private String wood(String id) {
    return plan.wood(id).name();
  }

  private Map<String, String> woods() {
    Map<String, String> rows = new LinkedHashMap<>();
    rows.put(
        "neck",
        plan.neckStrips().stream()
            .map(s -> wood(s.species()))
            .distinct()
            .collect(Collectors.joining(", ")));
    rows.put("fretboard", plan.fretboardWood().name());
    rows.put("body", plan.body().backWood().name());
    if (plan.given(BodyDecisions.BODY_TOP) > 0) {
      rows.put("top", plan.body().topWood().name());
    }
    rows.put("finish", FinishBook.get(plan.given(RoutDecisions.FINISH).word()).name());
    return rows;
  }

  private Map<String, String> strings() {
    Map<String, String> rows = new LinkedHashMap<>();
    StringPull pull = plan.stringPlan().pull();
    List<Text> all = new ArrayList<>();
    plan.stringSet()
        .forEach(
            s ->
                all.add(
                    Text.of(
                        s.wound() ? "{gauge}, wound · {pitch}" : "{gauge} · {pitch}",
                        Text.shown(s.gauge(), Quantity.FINE_LENGTH),
                        Pitch.name(s.pitch()))));
    for (int i = 0; i < all.size(); i++) {
      rows.put(Integer.toString(i + 1), all.get(i).in(units));
    }
    rows.put("together", pull.total().text(units));
    return rows;
  }

  private void put(Map<String, String> rows, Text words, Optional<Value> value) {
    value.ifPresent(v -> rows.put(words.in(units), v.text(units) + (v.fromMeasured() ? " •" : "")));
  }

  private Map<String, String> measures() {
    Map<String, String> rows = new LinkedHashMap<>();
    if (!plan.handWords().isEmpty()) {
      rows.put("made", plan.handWords().in(units));
    }
    rows.put("frets", Integer.toString(plan.frets().frets().size()));
    put(rows, Text.of("scale"), Optional.of(plan.frets().scale()));
    put(rows, Text.of("saddle line"), plan.value(LayoutKeys.SADDLE_FROM_NUT.id()));
    rows.put("nut width", length(plan.given(Decisions.NUT_WIDTH), "nut.width").in(units));
    rows.put("at fret 1", length(plan.given(Decisions.THICKNESS_1), "neck.thickness-1").in(units));
    rows.put(
        "at the octave", length(plan.given(Decisions.THICKNESS_12), "neck.thickness-12").in(units));
    put(rows, Text.of("neck weight"), plan.value(BlankKeys.NECK_MASS.id()));
    put(rows, Text.of("body weight"), plan.value(RoutKeys.BODY_MASS.id()));
    put(rows, Text.of("total weight"), plan.value(RoutKeys.INSTRUMENT_MASS.id()));
    return rows;
  }

  private Text length(double mm, String id) {
    boolean read = plan.log().current().containsKey(id);
    return Text.of(read ? "{number} •" : "{number}", Text.shown(mm, Quantity.LENGTH));
  }

  private Map<String, String> setUp() {
    Map<String, String> rows = new LinkedHashMap<>();
    for (var what :
        List.of(
            Measurables.RELIEF,
            Measurables.ACTION_1,
            Measurables.ACTION_12,
            Measurables.ACTION_12_BASS)) {
      Reading reading = plan.log().current().get(what.id());
      if (reading != null) {
        rows.put(
            what.label().in(units),
            NumberWriter.text(reading.value(), what.quantity(), units) + " •");
      }
    }
    String octaves =
        plan.stringPlan().setUp().intonation().stream()
            .map(
                s ->
                    NumberWriter.fixed(
                        plan.log().current().get(Measurables.intonation(s.string()).id()).value(),
                        1))
            .collect(Collectors.joining(" · "));
    if (!octaves.isEmpty()) {
      rows.put("octaves, cents", octaves + " •");
    }
    int frets = plan.frets().frets().size();
    String dressed =
        Arrays.stream(FretStage.values())
            .filter(stage -> plan.log().frets().count(frets, stage) == frets)
            .map(FretStage::word)
            .collect(Collectors.joining(", "));
    if (!dressed.isEmpty()) {
      rows.put("all frets", dressed);
    }
    plan.bodyPlan()
        .pickups()
        .pairs()
        .forEach(
            p ->
                rows.put(
                    p.one().name() + " with " + p.other().name(),
                    (p.together().inPhase() ? p.together().words() : "out of phase") + " •"));
    rows.put(
        "operations",
        Text.of("{done} done", BuildSummary.of(plan, LocalDateTime.MIN).done()).in(units));
    return rows;
  }
}
