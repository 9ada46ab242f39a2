package roughcut.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.shop.Species;
import roughcut.shop.SpeciesBook;
import roughcut.shop.StringSpec;

/**
 * Decisions about the parts that a design has several of. Numbered from 1: strings from the treble
 * side, strips from the bass side.
 */
public final class PartDecisions {
  /**
   * Decisions alike but for the part's number.
   *
   * @param pattern of the id, with the number as its first group
   * @param count how many such parts a design has
   */
  private record Family(
      Pattern pattern, Function<Design, Integer> count, IntFunction<NumberDecision> decision) {
    Optional<Decision> find(Design design, String id) {
      Matcher matcher = pattern.matcher(id);
      if (!matcher.matches()) {
        return Optional.empty();
      }
      int number = Integer.parseInt(matcher.group(1));
      return number >= 1 && number <= count.apply(design)
          ? Optional.of(decision.apply(number))
          : Optional.empty();
    }
  }

  private static final List<Family> FAMILIES =
      List.of(
          family("string.#.gauge", d -> d.strings().size(), PartDecisions::gauge),
          family("string.#.pitch", d -> d.strings().size(), PartDecisions::pitch),
          family("string.#.core", d -> d.strings().size(), PartDecisions::core),
          family("string.#.own-compensation", d -> d.strings().size(), PartDecisions::own),
          family("tuner.#.wrap-height", d -> d.strings().size(), PartDecisions::wrap),
          family(
              "neck.strip.#.thickness", d -> d.neckStack().size(), PartDecisions::stripThickness),
          family(
              "neck.strip.#.heel-thickness",
              d -> d.neckStack().size(),
              PartDecisions::stripHeelThickness),
          family("neck.strip.#.bow", d -> d.neckStack().size(), PartDecisions::stripBow),
          family(
              "body.strip.#.thickness",
              d -> d.bodyStack().size(),
              PartDecisions::bodyStripThickness),
          family(
              "outline.bass.#.along",
              d -> PartDecisions.BODY_POINTS,
              n -> bodyPoint("bass", n, "along")),
          family(
              "outline.bass.#.out",
              d -> PartDecisions.BODY_POINTS,
              n -> bodyPoint("bass", n, "out")),
          family(
              "outline.treble.#.along",
              d -> PartDecisions.BODY_POINTS,
              n -> bodyPoint("treble", n, "along")),
          family(
              "outline.treble.#.out",
              d -> PartDecisions.BODY_POINTS,
              n -> bodyPoint("treble", n, "out")));

  /** How many points of each side of the body's curve can be moved. */
  public static final int BODY_POINTS = 8;

  /** How far each of them is moved. */
  public static List<NumberDecision> bodyPoints() {
    List<NumberDecision> all = new ArrayList<>();
    for (String side : List.of("bass", "treble")) {
      for (int i = 1; i <= BODY_POINTS; i++) {
        all.add(bodyPoint(side, i, "along"));
        all.add(bodyPoint(side, i, "out"));
      }
    }
    return all;
  }

  private static final Pattern LEFT = Pattern.compile("rip\\.([a-z][a-z-]{0,30})\\.left");

  private PartDecisions() {}

  private static Family family(
      String id, Function<Design, Integer> count, IntFunction<NumberDecision> decision) {
    return new Family(
        Pattern.compile(Pattern.quote(id).replace("#", "\\E(\\d{1,2})\\Q")), count, decision);
  }

  static Optional<Decision> find(Design design, String id) {
    for (Family family : FAMILIES) {
      Optional<Decision> found = family.find(design, id);
      if (found.isPresent()) {
        return found;
      }
    }
    Matcher left = LEFT.matcher(id);
    return left.matches() && known(design, left.group(1))
        ? Optional.of(widthLeft(left.group(1)))
        : FittingDecisions.find(design, id);
  }

  private static boolean known(Design design, String species) {
    return SpeciesBook.find(species).isPresent()
        || design.neckStack().strips().stream().anyMatch(s -> s.species().equals(species));
  }

  static boolean knows(String id) {
    return FAMILIES.stream().anyMatch(f -> f.pattern().matcher(id).matches())
        || LEFT.matcher(id).matches()
        || FittingDecisions.knows(id);
  }

  /** Every decision about a part of this design. */
  public static List<Decision> of(Design design) {
    List<Decision> all = new ArrayList<>();
    for (Family family : FAMILIES) {
      for (int i = 1; i <= family.count.apply(design); i++) {
        all.add(family.decision.apply(i));
      }
    }
    design.fittings().forEach(f -> all.addAll(FittingDecisions.of(f)));
    return all;
  }

  /**
   * Width of a species' board that is there to be ripped; 0 for the board's own. Measured when
   * ripping is taken up in the middle.
   */
  public static NumberDecision widthLeft(String species) {
    String id = "rip." + species + ".left";
    return new NumberDecision(
        id,
        Text.of("Left of {wood}", SpeciesBook.find(species).map(Species::name).orElse("the board")),
        Text.of("0 uses the board width. Measure what is left when some strips are already cut."),
        Quantity.LENGTH,
        0,
        2000,
        1,
        new ReadingKind.Stage(Text.of("Across what is left of the board.")),
        design -> design.numbers().getOrDefault(id, 0.0),
        (design, mm) -> design.withNumber(id, mm));
  }

  /** Gauge of a string, counted from 1 at the treble side. */
  public static NumberDecision gauge(int number) {
    return new NumberDecision(
        "string." + number + ".gauge",
        Text.of("String {number} gauge", number),
        Text.of("Outer diameter."),
        Quantity.FINE_LENGTH,
        0.1,
        5,
        0.01,
        new ReadingKind.PartInHand(Text.of("Outer diameter.")),
        design -> design.strings().get(number - 1).gauge(),
        (design, gauge) -> withString(design, number, s -> s.withGauge(gauge)));
  }

  private static Design withString(Design design, int number, UnaryOperator<StringSpec> change) {
    List<StringSpec> next = new ArrayList<>(design.strings());
    next.set(number - 1, change.apply(next.get(number - 1)));
    return design.withStrings(next);
  }

  /** What a string is tuned to. */
  public static NumberDecision pitch(int number) {
    return new NumberDecision(
        "string." + number + ".pitch",
        Text.of("String {number} tuning", number),
        Text.of("A note such as E4, or Hz."),
        Quantity.PITCH,
        10,
        2000,
        1,
        null,
        design -> design.strings().get(number - 1).pitch(),
        (design, hertz) -> withString(design, number, s -> s.withPitch(hertz)));
  }

  /** Core diameter of a wound string; 0 where it isn't known. */
  public static NumberDecision core(int number) {
    return new NumberDecision(
        "string." + number + ".core",
        Text.of("String {number} core", number),
        Text.of("Of a wound string; empty if the packet doesn't say."),
        Quantity.FINE_LENGTH,
        0,
        4.9,
        0.01,
        new ReadingKind.PartInHand(Text.of("Core of the wound string.")),
        design -> design.strings().get(number - 1).core(),
        (design, mm) -> withString(design, number, s -> s.withCore(mm)));
  }

  /** How high a string's wrap lies on its post: as on all posts until it has its own. */
  public static NumberDecision wrap(int string) {
    NumberDecision all = NeckDecisions.TUNER_WRAP;
    String id = "tuner." + string + ".wrap-height";
    return new NumberDecision(
        id,
        Text.of("String {string} height on post", string),
        Text.of("For posts of different height: this wrap above the headstock face."),
        all.quantity(),
        all.least(),
        all.most(),
        all.step(),
        all.reading(),
        true,
        List.of(all.id()),
        design -> design.numbers().getOrDefault(id, all.in(design)),
        (design, mm) -> design.withNumber(id, mm));
  }

  /** Compensation from the maker's own table. */
  public static NumberDecision own(int number) {
    String id = "string." + number + ".own-compensation";
    return new NumberDecision(
        id,
        Text.of("String {number} compensation", number),
        Text.of("From your own table, known from earlier instruments."),
        Quantity.FINE_LENGTH,
        -10,
        30,
        0.1,
        new ReadingKind.PartInHand(Text.of("On an earlier instrument.")),
        design -> design.numbers().getOrDefault(id, 2.0),
        (design, mm) -> design.withNumber(id, mm));
  }

  /**
   * Finished thickness of a strip of the neck blank, counted from 1 at the bass side; its mirror
   * image follows.
   */
  public static NumberDecision stripThickness(int number) {
    return new NumberDecision(
        "neck.strip." + number + ".thickness",
        Text.of("Strip {number} thickness", number),
        Text.of("Finished, across the blank; at the nut line if the strip is tapered."),
        Quantity.LENGTH,
        Strip.LEAST,
        Strip.MOST,
        0.1,
        new ReadingKind.Result(
            Text.of("Between its planed faces."), List.of(OperationId.NECK_STRIPS_PLANE)),
        design -> neckStrip(design, number).thickness(),
        (design, mm) ->
            design.withNeckStack(design.neckStack().change(number - 1, s -> s.withThickness(mm))));
  }

  /** Finished thickness of a strip at the heel's end. */
  public static NumberDecision stripHeelThickness(int number) {
    return new NumberDecision(
        "neck.strip." + number + ".heel-thickness",
        Text.of("Strip {number} at the heel", number),
        Text.of("Finished, at the heel end; as at the nut without taper."),
        Quantity.LENGTH,
        Strip.LEAST,
        Strip.MOST,
        0.1,
        new ReadingKind.Result(
            Text.of("Between its planed faces, at the heel end."),
            List.of(OperationId.NECK_STRIPS_PLANE)),
        design -> neckStrip(design, number).heelThickness(),
        (design, mm) ->
            design.withNeckStack(
                design.neckStack().change(number - 1, s -> s.withHeelThickness(mm))));
  }

  /** How far a strip's outward face swells halfway along. */
  public static NumberDecision stripBow(int number) {
    return new NumberDecision(
        "neck.strip." + number + ".bow",
        Text.of("Strip {number} bow", number),
        Text.of(
            "How far its outward face bulges halfway between nut line and heel; 0 is straight."),
        Quantity.LENGTH,
        0,
        Strip.DEEPEST_BOW,
        0.5,
        null,
        design -> neckStrip(design, number).bow(),
        (design, mm) ->
            design.withNeckStack(design.neckStack().change(number - 1, s -> s.withBow(mm))));
  }

  /**
   * How far a point of the body's curve is moved from where the body's main measures put it.
   *
   * @param side bass or treble
   * @param number from 1 beside the neck to {@link #BODY_POINTS} beside the body's end
   * @param way along or out
   */
  public static NumberDecision bodyPoint(String side, int number, String way) {
    String id = "outline." + side + "." + number + "." + way;
    return new NumberDecision(
        id,
        Text.of("Point {number} of the {side} side, moved {way}", number, side, way),
        way.equals("along")
            ? Text.of("Towards the body end.")
            : Text.of("Away from the centre line."),
        Quantity.LENGTH,
        -150,
        150,
        0.5,
        null,
        design -> design.numbers().getOrDefault(id, 0.0),
        (design, mm) -> design.withNumber(id, mm));
  }

  private static Strip neckStrip(Design design, int number) {
    return design.neckStack().strips().get(number - 1);
  }

  /** Finished width of a strip of a laminated body back, counted from 1 at the bass side. */
  public static NumberDecision bodyStripThickness(int number) {
    return new NumberDecision(
        "body.strip." + number + ".thickness",
        Text.of("Body strip {number} width", number),
        Text.of("Finished, across the back."),
        Quantity.LENGTH,
        Strip.LEAST,
        Strip.MOST,
        1,
        new ReadingKind.Result(
            Text.of("Across, between its planed faces."), List.of(OperationId.BODY_MILL)),
        design -> design.bodyStack().strips().get(number - 1).thickness(),
        (design, mm) ->
            design.withBodyStack(design.bodyStack().change(number - 1, s -> s.withThickness(mm))));
  }
}
