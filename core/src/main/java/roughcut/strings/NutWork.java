package roughcut.strings;

import static roughcut.measure.ComputedValue.in;
import static roughcut.measure.Quantity.FINE_LENGTH;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import roughcut.design.FretboardDecisions;
import roughcut.design.StringDecisions;
import roughcut.fretboard.FretboardRadius;
import roughcut.layout.FretLayout;
import roughcut.layout.LayoutKeys;
import roughcut.layout.StringSpread;
import roughcut.measure.ComputedValue;
import roughcut.measure.Precision;
import roughcut.measure.Quantity;
import roughcut.measure.SearchedValue;
import roughcut.measure.TableValue;
import roughcut.measure.Text;
import roughcut.measure.Value;
import roughcut.measure.ValueRegistry;
import roughcut.record.EffectiveInputs;

/**
 * The strings at the nut and over the pickup: slot bottoms, the least break angle, what fanned
 * inner strings are off by, and the poles against the strings (handbook page 2, "Nut", "Frets").
 *
 * @param bottoms of the nut's slots over the fretboard's crown, string 1 first
 * @param leastBreak the string that breaks least over the nut
 * @param advice what is wrong with strings over the nut or beside their poles, in words
 * @param fanError how far the frets miss each string's own places at most; empty on a single scale
 * @param spreadThere outer strings' spread where the maker looks
 * @param poleErrors how far each string lies outside its pole there
 * @param lastFret string over the last fret
 */
public record NutWork(
    List<Value> bottoms,
    Value leastBreak,
    List<Text> advice,
    List<Value> fanError,
    Value spreadThere,
    List<Value> poleErrors,
    Value lastFret) {
  /** An outer pole further off than this is worth a look, mm. */
  public static final double POLE_LIMIT = 1.5;

  /** Under this break over the nut a string doesn't stay put, over the other it rubs; degrees. */
  public static final double BREAK_LEAST = 5;

  public static final double BREAK_MOST = 17;

  public NutWork {
    bottoms = List.copyOf(bottoms);
    fanError = List.copyOf(fanError);
    advice = List.copyOf(advice);
    poleErrors = List.copyOf(poleErrors);
  }

  public static NutWork of(
      EffectiveInputs inputs,
      FretLayout frets,
      StringSpread strings,
      FretboardRadius radius,
      BehindNut behind,
      List<Value> breaks,
      ValueRegistry registry) {
    List<Value> bottoms = new ArrayList<>();
    List<Value> fan = new ArrayList<>();
    List<Value> poles = new ArrayList<>();
    Value over = NutAction.of(inputs);
    Value fret = inputs.get(FretboardDecisions.WIRE_HEIGHT);
    Value x = inputs.get(StringDecisions.SPREAD_X);
    Value pole = inputs.get(StringDecisions.POLE_SPREAD);
    int count = strings.count();
    int courses = strings.courses().count();
    boolean guided = NutAction.onZeroFret(inputs);
    Value lower =
        TableValue.of(
            StringKeys.NUT_GUIDE_LOWER,
            NutAction.GUIDE_LOWER,
            Text.of("usual for a guide behind a zero fret"));
    for (int i = 1; i <= count; i++) {
      Value y = strings.atNut().get(i - 1);
      Value drop =
          ComputedValue.of(
              "string." + i + ".drop-nut",
              Text.of("Face drop under the string at the nut"),
              FINE_LENGTH,
              "R − √(max(0, R^2 − y^2))",
              in("R", radius.atNut()),
              in("y", y));
      bottoms.add(
          registry.put(
              StringKeys.NUT_SLOT_BOTTOM.id(i),
              Text.of("Nut slot of string {i}, bottom above the crown", i),
              FINE_LENGTH,
              guided ? "t_f − s − u" : "a + t_f − s",
              guided ? in("u", lower) : in("a", over),
              in("t_f", fret),
              in("s", drop)));
      if (frets.fan().fanned()) {
        fan.add(fanError(i, frets, strings, registry));
      }
      Value own =
          SearchedValue.of(
              "string." + i + ".there",
              Text.of("String {i} there", i),
              strings.offset(i, x.value()),
              FINE_LENGTH,
              Text.of("found along the string"),
              strings.provenance(i).with(x));
      poles.add(
          registry.put(
              "string." + i + ".pole-error",
              Text.of("String {i} outside its pole", i),
              FINE_LENGTH,
              courses == 1 ? "y" : "y − (p / 2 − (i − 1) · p / (n − 1))",
              in("y", own),
              in("p", pole),
              in(
                  "i",
                  courses == count
                      ? TableValue.of(StringKeys.STRING, i, Text.of("counted"))
                      : TableValue.of(
                          LayoutKeys.COURSE_NUMBER, strings.courses().of(i), Text.of("counted"))),
              in(
                  "n",
                  TableValue.of(
                      courses == count ? LayoutKeys.STRINGS_COUNT : LayoutKeys.COURSES_COUNT,
                      courses,
                      Text.of("counted")))));
    }
    return new NutWork(
        bottoms,
        leastBreak(breaks, registry),
        advice(behind, breaks, strings, poles),
        fan,
        registry.put(
            StringKeys.STRINGS_SPREAD_THERE,
            "y_1 − y_n",
            in("y_1", there(1, strings, x)),
            in("y_n", there(count, strings, x))),
        poles,
        lastFret(inputs, frets, registry));
  }

  private static Value there(int i, StringSpread strings, Value x) {
    return SearchedValue.of(
        "string." + i + ".there",
        Text.of("String {i} there", i),
        strings.offset(i, x.value()),
        FINE_LENGTH,
        Text.of("found along the string"),
        strings.provenance(i).with(x));
  }

  private static List<Text> advice(
      BehindNut behind, List<Value> breaks, StringSpread spread, List<Value> poles) {
    List<Text> words = new ArrayList<>();
    Map<Text, List<Integer>> strings = new LinkedHashMap<>();
    for (int i = 1; i <= breaks.size(); i++) {
      int string = i;
      behind
          .helps(breaks.get(i - 1).value())
          .ifPresent(h -> strings.computeIfAbsent(h, none -> new ArrayList<>()).add(string));
    }
    strings.forEach((help, of) -> words.add(broken(of, breaks, help)));
    double outer = Math.max(off(poles, spread, 1), off(poles, spread, spread.courses().count()));
    if (outer > POLE_LIMIT) {
      words.add(
          Text.of(
              "the outer strings are {outer} off their poles: use wider or narrower pole spacing",
              Text.length(outer, 1)));
    }
    return words;
  }

  /** Strings that the same helps stand in one sentence. */
  private static Text broken(List<Integer> strings, List<Value> breaks, Text help) {
    if (strings.size() == 1) {
      Value angle = breaks.get(strings.get(0) - 1);
      return Text.of("{label}, {angle}: {help}", angle.label(), Text.shown(angle), help);
    }
    DoubleSummaryStatistics angles =
        strings.stream().mapToDouble(i -> breaks.get(i - 1).value()).summaryStatistics();
    return Text.of(
        "Strings {strings}, break angle over the nut {least} to {most}: {help}",
        Text.joined(strings.stream().map(Text::only).toList(), ", "),
        Text.shown(angles.getMin(), Quantity.ANGLE),
        Text.shown(angles.getMax(), Quantity.ANGLE),
        help);
  }

  /** How far the middle of a course lies from its pole, mm. */
  private static double off(List<Value> poles, StringSpread strings, int course) {
    return Math.abs(
        IntStream.rangeClosed(1, poles.size())
            .filter(i -> strings.courses().of(i) == course)
            .mapToDouble(i -> poles.get(i - 1).value())
            .average()
            .orElseThrow());
  }

  private static Value leastBreak(List<Value> breaks, ValueRegistry registry) {
    Value least = breaks.stream().min(Comparator.comparingDouble(Value::value)).orElseThrow();
    return registry.put(StringKeys.BREAK_NUT, "β", in("β", least));
  }

  /**
   * A fret is drawn straight through its points on the outer strings; an inner string of another
   * share at nut and bridge meets it a little off its own place. The worst over all frets.
   */
  private static Value fanError(
      int i, FretLayout frets, StringSpread strings, ValueRegistry registry) {
    double nut = strings.nutX(i);
    double worst = 0;
    int at = 1;
    for (FretLayout.Fret fret : frets.frets()) {
      double error = fanErrorAt(i, fret, nut, frets, strings);
      if (Math.abs(error) > Math.abs(worst) + Precision.SAME) {
        worst = error;
        at = fret.number();
      }
    }
    FretLayout.Fret fret = frets.frets().get(at - 1);
    Value met =
        SearchedValue.of(
            "string." + i + ".meets-fret",
            Text.of("String meets fret {at} from its nut", at),
            met(i, fret, strings) - nut,
            FINE_LENGTH,
            Text.of("found where the string crosses the fret"),
            strings.provenance(i));
    Value wanted =
        SearchedValue.of(
            "string." + i + ".wants-fret",
            Text.of("Its own scale puts it at"),
            FretLayout.position(strings.scale(i), frets.divisions().value(), fret.number()),
            FINE_LENGTH,
            Text.of("found along the string"),
            strings.provenance(i));
    return registry.put(
        "string." + i + ".fan-error",
        Text.of("String {i}, fret {at}: largest fret error", i, at),
        FINE_LENGTH,
        "x − d",
        in("x", met),
        in("d", wanted));
  }

  private static double fanErrorAt(
      int i, FretLayout.Fret fret, double nut, FretLayout frets, StringSpread strings) {
    return met(i, fret, strings)
        - nut
        - FretLayout.position(strings.scale(i), frets.divisions().value(), fret.number());
  }

  /** Where the string crosses the fret's line. */
  private static double met(int i, FretLayout.Fret fret, StringSpread strings) {
    // y(x) is linear in x and the fret is x = x_k + slant · y: one division solves both.
    double nut = strings.nutX(i);
    double y0 = strings.atNut().get(i - 1).value();
    double perMm = (strings.atSaddle().get(i - 1).value() - y0) / strings.scale(i);
    return (fret.x() + fret.slant() * (y0 - perMm * nut)) / (1 - fret.slant() * perMm);
  }

  private static Value lastFret(EffectiveInputs inputs, FretLayout frets, ValueRegistry registry) {
    Value octave = inputs.get(StringDecisions.ACTION_12);
    Value over = NutAction.of(inputs);
    Value fall = inputs.get(FretboardDecisions.FALL_AWAY);
    Value from = inputs.get(FretboardDecisions.FALL_AWAY_FROM);
    FretLayout.Fret last = frets.last();
    boolean falls = last.number() > from.value();
    return registry.put(
        StringKeys.ACTION_LAST_FRET,
        "a_nut + (a_12 − a_nut) · 2 · x / L" + (falls ? " + f" : ""),
        in("a_nut", over),
        in("a_12", octave),
        in("x", last.fromNut()),
        in("L", frets.scale()),
        in("f", fall));
  }
}
