package roughcut.drawing;

import java.util.ArrayList;
import java.util.List;
import roughcut.bench.HoldPoint;
import roughcut.bench.Operation;
import roughcut.bench.Route;
import roughcut.drawing.Mark.Anchor;
import roughcut.drawing.Mark.Size;
import roughcut.geometry.Bounds;
import roughcut.geometry.Outline;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;

/**
 * Cards for the shop's wall: one operation each, four on a sheet, with what it is set to and a box
 * for each reading. What is done already has none.
 */
public final class ShopCards {
  /** A card's size, so that four stand on A4 and on letter paper with the printer's margins, mm. */
  private static final double WIDTH = 125;

  private static final double HEIGHT = 91;
  private static final double GAP = 1.5;
  private static final double INSIDE = 5;
  private static final double LINE = 4.1;

  /** Letters that go into one line of a card, and of half a card. */
  private static final int LETTERS = 78;

  private static final int HALF = 31;

  /** Where tools and cautions begin. */
  private static final double FOOT = -HEIGHT + 24;

  private final Plan plan;
  private final Units units;
  private final Sketch sketch;

  private ShopCards(Plan plan, Units units) {
    this.plan = plan;
    this.units = units;
    this.sketch = new Sketch(plan, units);
  }

  public static Drawing of(Plan plan, Units units) {
    return new ShopCards(plan, units).draw();
  }

  private Drawing draw() {
    List<Operation> open = Route.open(plan);
    List<Bounds> sheets = new ArrayList<>();
    double low = 0;
    for (int i = 0; i < open.size(); i++) {
      int place = i % 4;
      double left = place % 2 * (WIDTH + GAP);
      double top = -(i / 4) * (2 * (HEIGHT + GAP) + 8) - place / 2 * (HEIGHT + GAP);
      if (place == 0) {
        sheets.add(
            new Bounds(left, top - 2 * HEIGHT - GAP, left + 2 * WIDTH + GAP, top).expanded(0.3));
      }
      sketch.origin(left, top);
      card(open.get(i), i + 1, open.size());
      low = Math.min(low, top - HEIGHT);
    }
    sketch.origin(0, 0);
    if (open.isEmpty()) {
      sketch.text(
          Role.NOTE,
          0,
          -8,
          Text.of("Everything is done. No cards left."),
          Anchor.START,
          Size.NORMAL);
      low = -12;
    }
    return new Drawing(
        Text.of("{plan}: cards", plan.name()).in(sketch.units()),
        sketch.marks(),
        new Bounds(-4, low - 4, 2 * WIDTH + GAP + 4, 4),
        sheets);
  }

  private void card(Operation op, int number, int of) {
    sketch.outline(Role.EDGE, Outline.rectangle(0, -HEIGHT, WIDTH, 0));
    double y = -6.5;
    List<String> title = WrappedWords.lines(op.title().in(units), 42);
    for (String line : title.subList(0, Math.min(2, title.size()))) {
      sketch.text(Role.OUTLINE, INSIDE, y, Text.raw(line), Anchor.START, Size.TITLE);
      y -= 5.6;
    }
    sketch.text(
        Role.NOTE,
        INSIDE,
        y,
        Text.of(
            "{plan} · {part} · {number} of {of} · {minutes} min by hand",
            plan.name(),
            Text.of(op.part().word()),
            number,
            of,
            op.minutes()),
        Anchor.START,
        Size.SMALL);
    y -= LINE + 1.5;
    settings(op, y);
    holds(op, y);
    foot(op);
  }

  private void settings(Operation op, double from) {
    double y = from;
    List<Value> settings = op.settings().stream().flatMap(id -> plan.value(id).stream()).toList();
    int shown = 0;
    for (Value value : settings) {
      if (y < FOOT + 2 * LINE + 5) {
        break;
      }
      shown++;
      sketch.text(
          plan.fromWood(value) ? Role.MEASURED : Role.OUTLINE,
          INSIDE + 30,
          y,
          Text.only(Text.shown(value.value(), value.quantity())),
          Anchor.END,
          Size.NORMAL);
      List<String> lines = WrappedWords.lines(value.label().in(units), HALF);
      for (int i = 0; i < lines.size(); i++) {
        y -= i == 0 ? 0 : 3;
        sketch.text(Role.NOTE, INSIDE + 32, y, Text.raw(lines.get(i)), Anchor.START, Size.SMALL);
      }
      y -= LINE + 0.5;
    }
    if (settings.size() > shown) {
      sketch.text(
          Role.NOTE,
          INSIDE,
          y,
          Text.of("{value} more on the Bench page", settings.size() - shown),
          Anchor.START,
          Size.SMALL);
    }
  }

  /** What has to be known, each with a box for the reading. */
  private void holds(Operation op, double from) {
    double y = from;
    double left = WIDTH * 0.62;
    int shown = 0;
    for (HoldPoint hold : op.holds()) {
      Text wanted = hold.wanted(units);
      Text what =
          wanted.isEmpty() ? hold.what() : Text.of("{what} ({wanted})", hold.what(), wanted);
      List<String> lines = WrappedWords.lines(what.in(units), hold.looked() ? 28 : 21);
      if (y - lines.size() * 3.1 < FOOT + 5) {
        sketch.text(
            Role.NOTE,
            left,
            y,
            Text.of("{value} more to check: Bench page", op.holds().size() - shown),
            Anchor.START,
            Size.SMALL);
        return;
      }
      shown++;
      sketch.outline(
          Role.EDGE, Outline.rectangle(left, y - 3.2, left + (hold.looked() ? 5 : 15), y + 2.4));
      double words = left + (hold.looked() ? 7 : 17);
      for (String line : lines) {
        sketch.text(Role.NOTE, words, y, Text.raw(line), Anchor.START, Size.SMALL);
        y -= 3.1;
      }
      y -= 2.2;
    }
  }

  private void foot(Operation op) {
    double y = FOOT;
    sketch.line(Role.NOTE, INSIDE, y + 3.4, WIDTH - INSIDE, y + 3.4);
    List<Text> words = new ArrayList<>();
    if (!op.tools().isEmpty()) {
      words.add(Text.of("Tools: {tools}", Text.joined(op.tools(), ", ")));
    }
    if (!op.wrong().isEmpty()) {
      words.add(Text.of("Common mistake: {wrong}", op.wrong()));
    }
    words.add(Text.joined(op.care(), " "));
    for (Text sentence : words) {
      for (String line : WrappedWords.lines(sentence.in(units), LETTERS)) {
        if (y > -HEIGHT + 6) {
          sketch.text(Role.NOTE, INSIDE, y, Text.raw(line), Anchor.START, Size.SMALL);
          y -= 3.1;
        }
      }
    }
    sketch.outline(Role.EDGE, Outline.rectangle(INSIDE, -HEIGHT + 2, INSIDE + 3, -HEIGHT + 5));
    sketch.text(
        Role.NOTE,
        INSIDE + 5,
        -HEIGHT + 2.4,
        Text.of("done on              took        min"),
        Anchor.START,
        Size.SMALL);
  }
}
