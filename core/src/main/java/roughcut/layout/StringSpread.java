package roughcut.layout;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import roughcut.design.Decisions;
import roughcut.design.PartDecisions;
import roughcut.measure.ComputedValue;
import roughcut.measure.Provenance;
import roughcut.measure.Quantity;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueKey;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * Where the strings run: offsets from the centre line at the nut and at the saddle line, straight
 * in between (handbook page 2). String 1 is the first at the treble side; offsets are positive
 * towards the treble side.
 *
 * @param spread between the outer strings' centres at the nut
 * @param gap between neighbouring strings, or courses of them, at the nut: edge to edge or centre
 *     to centre, as chosen; null for a single string
 * @param atNut offset of each string at the nut line
 * @param atSaddle offset of each string at the saddle line, courses equally spaced
 * @param courses which of them run together
 */
public record StringSpread(
    Value spread,
    Value gap,
    List<Value> atNut,
    List<Value> atSaddle,
    FretLayout frets,
    Courses courses) {
  public StringSpread {
    atNut = List.copyOf(atNut);
    atSaddle = List.copyOf(atSaddle);
  }

  private double scale() {
    return frets.scale().value();
  }

  private MultiscaleLayout fan() {
    return frets.fan();
  }

  /** What places one string anywhere along its way. */
  public Provenance provenance(int string) {
    return frets.provenance().with(atNut.get(string - 1), atSaddle.get(string - 1));
  }

  /** What places the outer strings. */
  public Provenance outer() {
    return provenance(1).and(provenance(count()));
  }

  /** What gives a string its own scale and its place along the fan. */
  public Provenance lengthwise(int string) {
    return fan().fanned() ? provenance(string) : frets.provenance();
  }

  private static final String AT_NUT = "String {number} from the centre line at the nut";
  private static final String AT_SADDLE = "String {number} from the centre line at the saddle line";

  public static StringSpread of(EffectiveInputs inputs, FretLayout frets, ValueRegistry registry) {
    Value width = inputs.get(Decisions.NUT_WIDTH);
    Value margin = inputs.get(Decisions.NUT_EDGE_MARGIN);
    Courses courses = Courses.of(inputs);
    Value spread =
        registry.put(LayoutKeys.NUT_SPREAD, "w_nut − 2 · m", in("w_nut", width), in("m", margin));
    Row nut = new Row(courses, "nut.string.", AT_NUT, spread, courses.atNut(), registry);
    List<Value> atSaddle =
        new Row(
                courses,
                "saddle.string.",
                AT_SADDLE,
                inputs.get(Decisions.BRIDGE_SPREAD),
                courses.atSaddle(),
                registry)
            .equalCentres();
    if (courses.strings() == 1) {
      return new StringSpread(spread, null, nut.equalCentres(), atSaddle, frets, courses);
    }
    return switch (inputs.get(Decisions.NUT_SPACING)) {
      case EQUAL_GAPS -> {
        Value gap = nut.edgeGap(inputs);
        yield new StringSpread(spread, gap, nut.equalGaps(inputs, gap), atSaddle, frets, courses);
      }
      case EQUAL_CENTRES ->
          new StringSpread(spread, nut.centreGap(), nut.equalCentres(), atSaddle, frets, courses);
    };
  }

  /** One line across the strings, nut or saddles, along which they are spaced. */
  private record Row(
      Courses courses,
      String prefix,
      String label,
      Value spread,
      Value apart,
      ValueRegistry registry) {

    private int count() {
      return courses.strings();
    }

    private Value strings() {
      return TableValue.of(LayoutKeys.STRINGS_COUNT, count(), Text.of("counted"));
    }

    private Value courseCount() {
      return TableValue.of(LayoutKeys.COURSES_COUNT, courses.count(), Text.of("counted"));
    }

    private Value inCourses(int number) {
      return TableValue.of(
          LayoutKeys.COURSE_STEPS, courses.stepsBefore(number), Text.of("counted"));
    }

    Value edgeGap(EffectiveInputs inputs) {
      List<ComputedValue.Input> terms = new ArrayList<>();
      terms.add(in("S", spread));
      if (courses.paired()) {
        terms.add(in("a", inCourses(count())));
        terms.add(in("p", apart));
        terms.add(in("k", courseCount()));
      } else {
        terms.add(in("n", strings()));
      }
      StringBuilder sum = new StringBuilder();
      for (int i = 1; i <= count(); i++) {
        boolean before = courses.begins(i) && i > 1;
        boolean after = courses.begins(i + 1) && i < count();
        if (before || after) {
          sum.append(" − g_").append(i).append(before && after ? "" : " / 2");
          terms.add(in("g_" + i, gauge(inputs, i)));
        }
      }
      return courses.paired()
          ? put(
              LayoutKeys.NUT_GAP.called("Between neighbouring courses at the nut"),
              "(S − a · p" + sum + ") / (k − 1)",
              terms)
          : put(LayoutKeys.NUT_GAP, "(S" + sum + ") / (n − 1)", terms);
    }

    Value centreGap() {
      return courses.paired()
          ? put(
              LayoutKeys.NUT_GAP.called("Between the nearest centres of neighbouring courses"),
              "(S − a · p) / (k − 1)",
              List.of(
                  in("S", spread),
                  in("a", inCourses(count())),
                  in("p", apart),
                  in("k", courseCount())))
          : put(
              LayoutKeys.NUT_GAP.called("Between neighbouring strings' centres at the nut"),
              "S / (n − 1)",
              List.of(in("S", spread), in("n", strings())));
    }

    private Value put(ValueKey key, String formula, List<ComputedValue.Input> terms) {
      return registry.put(key, formula, terms.toArray(ComputedValue.Input[]::new));
    }

    List<Value> equalGaps(EffectiveInputs inputs, Value gap) {
      List<Value> offsets = new ArrayList<>(count());
      offsets.add(put(1, "S / 2", in("S", spread)));
      for (int i = 2; i <= count(); i++) {
        Value before = offsets.get(i - 2);
        offsets.add(
            courses.begins(i)
                ? put(
                    i,
                    "y_before − g_before / 2 − gap − g / 2",
                    in("y_before", before),
                    in("g_before", gauge(inputs, i - 1)),
                    in("gap", gap),
                    in("g", gauge(inputs, i)))
                : put(i, "y_before − p", in("y_before", before), in("p", apart)));
      }
      return offsets;
    }

    List<Value> equalCentres() {
      List<Value> offsets = new ArrayList<>(count());
      for (int i = 1; i <= count(); i++) {
        offsets.add(count() == 1 ? put(1, "0") : courses.paired() ? inCourse(i) : alone(i));
      }
      return offsets;
    }

    private Value alone(int i) {
      Value number =
          TableValue.of("string." + i, Text.of("String"), i, Quantity.COUNT, Text.of("counted"));
      return put(
          i, "S / 2 − (i − 1) · S / (n − 1)", in("S", spread), in("i", number), in("n", strings()));
    }

    private Value inCourse(int i) {
      Value course = TableValue.of(LayoutKeys.COURSE_NUMBER, courses.of(i), Text.of("counted"));
      return put(
          i,
          "S / 2 − b · p − (j − 1) · (S − a · p) / (k − 1)",
          in("S", spread),
          in("b", inCourses(i)),
          in("p", apart),
          in("j", course),
          in("a", inCourses(count())),
          in("k", courseCount()));
    }

    private Value put(int number, String formula, ComputedValue.Input... terms) {
      return registry.put(
          prefix + number + ".offset", Text.of(label, number), FINE_LENGTH, formula, terms);
    }
  }

  private static Value gauge(EffectiveInputs inputs, int number) {
    return inputs.get(PartDecisions.gauge(number));
  }

  /** Offset of the middle of a course from the centre line at x: where a pole stands under it. */
  public double courseOffset(int course, double x) {
    return IntStream.rangeClosed(1, count())
        .filter(i -> courses.of(i) == course)
        .mapToDouble(i -> offset(i, x))
        .average()
        .orElseThrow();
  }

  /** Offset of string {@code number} (1 first) from the centre line at x. */
  public double offset(int number, double x) {
    double nut = atNut.get(number - 1).value();
    double saddle = atSaddle.get(number - 1).value();
    double from = nutX(number);
    return nut + (saddle - nut) * (x - from) / (saddleX(number) - from);
  }

  /** Where a string leaves the nut, from the nut line. */
  public double nutX(int number) {
    return fan().slant(0) * atNut.get(number - 1).value();
  }

  /** Where a string would stand on its saddle before compensation, from the nut line. */
  public double saddleX(int number) {
    return scale() + fan().slant(1) * atSaddle.get(number - 1).value();
  }

  /** A string's own scale, nut to saddle along the neck. */
  public double scale(int number) {
    return saddleX(number) - nutX(number);
  }

  public int count() {
    return atNut.size();
  }
}
