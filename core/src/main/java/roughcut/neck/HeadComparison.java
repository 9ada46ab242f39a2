package roughcut.neck;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import roughcut.blank.NeckBlank;
import roughcut.blank.PlacedStrip;
import roughcut.design.BlankDecisions;
import roughcut.design.Decisions;
import roughcut.design.HeadMaking;
import roughcut.design.NeckDecisions;
import roughcut.design.ScarfSchool;
import roughcut.measure.Quantity;
import roughcut.measure.Text;
import roughcut.record.EffectiveInputs;
import roughcut.record.Proposal;
import roughcut.shop.Board;
import roughcut.shop.Shop;

/**
 * The ways to make this head beside each other: what blank each wants, how much wood that is, which
 * boards of the rack are deep and long enough, how the grain runs, where seams show, and what it
 * takes at the bench (handbook page 4).
 */
public final class HeadComparison {
  private final EffectiveInputs inputs;
  private final Shop shop;
  private final NeckBlank blank;
  private final Sizes sizes;

  /** Which making counts as it is: without an angle there is nothing to glue or saw. */
  private final HeadMaking counts;

  private HeadComparison(
      EffectiveInputs inputs, Shop shop, NeckBlank blank, Sizes sizes, HeadMaking counts) {
    this.inputs = inputs;
    this.shop = shop;
    this.blank = blank;
    this.sizes = sizes;
    this.counts = counts;
  }

  /**
   * One way.
   *
   * @param chosen whether it is the one decided on
   * @param length of the blank, mm
   * @param width mm
   * @param depth mm
   * @param litres of wood in the blank, dm³
   * @param boards that can give it, by name; for each wood of the stack at least one is wanted
   * @param lacking woods of the stack that no board of the rack is large enough in
   * @param grain length of unbroken grain through the head, mm; infinite when it runs all along
   * @param seams where they show
   * @param veneer whether it wants a face veneer
   * @param steps at the bench, in order
   * @param choose decides on it
   */
  public record Way(
      Text name,
      boolean chosen,
      double length,
      double width,
      double depth,
      double litres,
      List<String> boards,
      List<String> lacking,
      double grain,
      Text seams,
      boolean veneer,
      List<Text> steps,
      Proposal choose) {
    /** How the grain runs through the head, in the maker's units. */
    public Text grainWords() {
      return Double.isInfinite(grain)
          ? Text.of("full length")
          : Text.of("{grain} short", Text.figure(grain, Quantity.LENGTH));
    }

    public Way {
      boards = List.copyOf(boards);
      lacking = List.copyOf(lacking);
      steps = List.copyOf(steps);
    }
  }

  /** What each way wants of a blank: length and depth, mm. */
  public record Sizes(
      double scarfLength,
      double scarfDepth,
      double onePieceLength,
      double onePieceDepth,
      double flatLength,
      double flatDepth,
      double headlessLength,
      double grainThrough,
      double heel) {}

  /**
   * All ways that this head can be made; the scarfs and one piece only where it has an angle.
   *
   * @param angled whether an angle is decided, however it is made
   */
  public static List<Way> of(
      EffectiveInputs inputs, Shop shop, NeckBlank blank, Sizes sizes, boolean angled) {
    HeadMaking making = inputs.get(NeckDecisions.HEAD_MAKING);
    HeadMaking counts =
        switch (making) {
          case SCARF, ONE_PIECE -> angled ? making : HeadMaking.FLAT;
          case FLAT, HEADLESS -> making;
        };
    HeadComparison comparison = new HeadComparison(inputs, shop, blank, sizes, counts);
    List<Way> ways = new ArrayList<>();
    for (HeadMaking way : HeadMaking.values()) {
      ways.addAll(
          switch (way) {
            case SCARF -> angled ? comparison.scarfs() : List.of();
            case ONE_PIECE -> angled ? List.of(comparison.onePiece()) : List.of();
            case FLAT -> List.of(comparison.flat());
            case HEADLESS -> List.of(comparison.headless());
          });
    }
    return List.copyOf(ways);
  }

  private List<Way> scarfs() {
    List<Way> ways = new ArrayList<>();
    for (ScarfSchool one : ScarfSchool.values()) {
      boolean under =
          switch (one) {
            case SEAM_UNDER_FRETBOARD -> true;
            case SEAM_ACROSS_HEAD -> false;
          };
      ways.add(
          way(
              Text.of("scarf, {one}", one.label()),
              sizes.scarfLength,
              sizes.scarfDepth,
              Double.POSITIVE_INFINITY,
              under ? Text.of("sides, back") : Text.of("face, back"),
              !under,
              List.of(
                  Text.of("mark and saw the angle"),
                  Text.of("plane both bevels as one"),
                  Text.of("pin, glue, wait"),
                  Text.of("thickness the headstock"),
                  under ? Text.of("fretboard covers the joint") : Text.of("veneer the face")),
              HeadMaking.SCARF,
              one));
    }
    return ways;
  }

  private Way onePiece() {
    return way(
        Text.of("one piece"),
        sizes.onePieceLength,
        Math.max(sizes.onePieceDepth, Math.max(sizes.scarfDepth, sizes.heel)),
        sizes.grainThrough,
        Text.of("none"),
        false,
        List.of(
            Text.of("saw headstock and neck from the deep blank"),
            Text.of("plane the face"),
            Text.of("thickness the headstock")),
        HeadMaking.ONE_PIECE,
        inputs.get(Decisions.SCARF_SCHOOL));
  }

  private Way flat() {
    return way(
        Text.of("flat, stepped down"),
        sizes.flatLength,
        Math.max(sizes.flatDepth, sizes.scarfDepth),
        Double.POSITIVE_INFINITY,
        Text.of("none"),
        false,
        List.of(
            Text.of("lower the face by the step"),
            Text.of("thickness the headstock"),
            Text.of("string trees or stepped posts")),
        HeadMaking.FLAT,
        inputs.get(Decisions.SCARF_SCHOOL));
  }

  private Way headless() {
    return way(
        Text.of("headless"),
        sizes.headlessLength,
        sizes.scarfDepth,
        Double.POSITIVE_INFINITY,
        Text.of("none"),
        false,
        List.of(
            Text.of("saw the end of the neck to length"),
            Text.of("drill for the headpiece"),
            Text.of("tuned at the bridge")),
        HeadMaking.HEADLESS,
        inputs.get(Decisions.SCARF_SCHOOL));
  }

  private Way way(
      Text name,
      double length,
      double depth,
      double grain,
      Text seams,
      boolean veneer,
      List<Text> steps,
      HeadMaking making,
      ScarfSchool school) {
    double width = blank.width().value();
    double trim = inputs.get(BlankDecisions.END_TRIM).value();
    double flattening = inputs.get(BlankDecisions.FLATTENING).value();
    Set<String> woods = new LinkedHashSet<>();
    for (PlacedStrip strip : blank.strips()) {
      woods.add(strip.strip().species());
    }
    List<String> boards = new ArrayList<>();
    List<String> lacking = new ArrayList<>();
    for (String wood : woods) {
      List<String> able =
          shop.boards().stream()
              .filter(b -> able(b, wood, length + 2 * trim, depth + 2 * flattening))
              .map(Board::id)
              .toList();
      boards.addAll(able);
      if (able.isEmpty()) {
        lacking.add(wood);
      }
    }
    return new Way(
        name,
        making == counts && school == inputs.get(Decisions.SCARF_SCHOOL),
        length,
        width,
        depth,
        length * width * depth / 1e6,
        boards,
        lacking,
        grain,
        seams,
        veneer,
        steps,
        new Proposal(
            name,
            b ->
                b.withDesign(
                    Decisions.SCARF_SCHOOL.with(
                        NeckDecisions.HEAD_MAKING.with(b.design(), making), school))));
  }

  private static boolean able(Board board, String wood, double length, double depth) {
    return board.species().equals(wood)
        && board.unmeasured().isEmpty()
        && board.length().getAsDouble() >= length
        && board.thickness().getAsDouble() >= depth;
  }
}
