package roughcut.wild;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.function.UnaryOperator;
import roughcut.demo.Demo;
import roughcut.design.BlankStep;
import roughcut.design.Choice;
import roughcut.design.ChoiceDecision;
import roughcut.design.Decision;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.design.Fitting;
import roughcut.design.FittingType;
import roughcut.design.NumberDecision;
import roughcut.design.PartDecisions;
import roughcut.design.Placement;
import roughcut.design.SmallPart;
import roughcut.design.Stack;
import roughcut.design.Strip;
import roughcut.geometry.Point;
import roughcut.measure.Quantity;
import roughcut.record.Build;
import roughcut.record.Reading;
import roughcut.shop.Board;
import roughcut.shop.FittingBook;
import roughcut.shop.FittingKind;
import roughcut.shop.Limit;
import roughcut.shop.Saw;
import roughcut.shop.Shop;
import roughcut.shop.SpeciesBook;
import roughcut.shop.StringSpec;

/**
 * Builds that the program's own rules allow, at random: near a demo's, with a few values changed,
 * or wild, with anything that is legal one by one. The same seed gives the same build.
 */
public final class RandomBuilds {
  /** A build in a shop. */
  public record Case(Build build, Shop shop) {}

  private static final LocalDate DAY = LocalDate.of(2026, 5, 4);
  private static final List<Build> DEMOS = Demo.builds(DAY);

  private final Random random;

  private RandomBuilds(long seed) {
    this.random = new Random(seed * 0x9E3779B97F4A7C15L);
  }

  /** A demo's build with one to eight values changed, most of them a little. */
  public static Case near(long seed) {
    return new RandomBuilds(seed).near();
  }

  /** Any legal values at once. */
  public static Case wild(long seed) {
    return new RandomBuilds(seed).wild();
  }

  private Case near() {
    Build build = DEMOS.get(random.nextInt(DEMOS.size()));
    int changes = 1 + random.nextInt(8);
    for (int i = 0; i < changes; i++) {
      build = nearly(build);
    }
    return new Case(build, random.nextInt(4) == 0 ? shop(0.2) : Demo.shop());
  }

  private Build nearly(Build build) {
    Design design = build.design();
    switch (random.nextInt(12)) {
      case 0:
        return kept(build, fittings(design, 1));
      case 1:
        return build.withDesign(tryOr(design, d -> d.withNeckStack(strips(d.neckStack(), false))));
      case 2:
        return measured(build, 1);
      case 3:
        return build.withDesign(design.withNeckSteps(steps(1 + random.nextInt(2))));
      default:
        Decision decision = any(decisions(design));
        return build.withDesign(decide(design, decision, 0.75));
    }
  }

  /** A build with what was measured on fittings that are gone taken out, as the program does. */
  private static Build kept(Build build, Design next) {
    Build without = build;
    for (Fitting fitting : build.design().fittings()) {
      if (next.fitting(fitting.name()).isEmpty()) {
        without = without.withoutFitting(fitting.name());
      }
    }
    return without.withDesign(next);
  }

  private Case wild() {
    Build build = DEMOS.get(random.nextInt(DEMOS.size()));
    Design design = build.design();
    if (random.nextInt(3) == 0) {
      design = design.withStrings(strings());
    }
    if (random.nextInt(3) == 0) {
      design = tryOr(design, d -> d.withNeckStack(strips(d.neckStack(), true)));
    }
    if (random.nextInt(4) == 0) {
      design = tryOr(design, d -> d.withBodyStack(strips(d.bodyStack(), true)));
    }
    if (random.nextInt(3) == 0) {
      design = design.withNeckSteps(steps(random.nextInt(BlankStep.MOST_STEPS + 1)));
    }
    if (random.nextInt(2) == 0) {
      design = fittings(design, random.nextInt(14));
    }
    int outline = random.nextInt(4);
    if (outline < 2) {
      DrawnPart part = outline == 0 ? DrawnPart.BODY : DrawnPart.HEAD;
      design = design.withDrawn(part, Optional.of(drawn()));
    }
    if (random.nextInt(4) == 0) {
      design = design.withSmallParts(smallParts());
    }
    if (random.nextInt(4) == 0) {
      design = placements(design);
    }
    List<Decision> all = decisions(design);
    double share = random.nextInt(3) == 0 ? 1 : random.nextDouble() * random.nextDouble();
    double near = random.nextInt(3) == 0 ? 0 : random.nextDouble();
    for (Decision decision : all) {
      if (random.nextDouble() < share) {
        design = decide(design, decision, near);
      }
    }
    build = measured(kept(build, design), random.nextInt(3) == 0 ? random.nextInt(40) : 0);
    return new Case(build, random.nextBoolean() ? shop(1) : Demo.shop());
  }

  private static List<Decision> decisions(Design design) {
    List<Decision> all = new ArrayList<>(Decisions.all());
    all.addAll(PartDecisions.of(design));
    design
        .fittings()
        .forEach(f -> all.add(roughcut.design.FittingDecisions.depth(design, f.name())));
    design
        .neckStack()
        .strips()
        .forEach(
            s -> {
              if (s.species().matches("[a-z][a-z-]{0,30}")) {
                all.add(PartDecisions.widthLeft(s.species()));
              }
            });
    return all;
  }

  /**
   * A decision made otherwise.
   *
   * @param near how often a number stays near what it was
   */
  private Design decide(Design design, Decision decision, double near) {
    return tryOr(
        design,
        d -> {
          if (decision instanceof NumberDecision number) {
            return number.with(d, value(number, number.in(d), near));
          }
          ChoiceDecision<?> choice = (ChoiceDecision<?>) decision;
          List<? extends Choice> ways = choice.choices();
          return choice.choosing(d, ways.get(random.nextInt(ways.size())));
        });
  }

  private double value(NumberDecision number, double usual, double near) {
    double least = number.least();
    double most = number.most();
    double value;
    if (random.nextDouble() < near) {
      double span = Math.max(number.step() * 4, Math.abs(usual) * 0.3);
      value = usual + span * random.nextGaussian();
    } else {
      value =
          switch (random.nextInt(6)) {
            case 0 -> least;
            case 1 -> most;
            case 2 -> least + (most - least) * Math.pow(random.nextDouble(), 4);
            case 3 -> Math.rint(least + random.nextDouble() * (most - least));
            default -> least + random.nextDouble() * (most - least);
          };
    }
    if (number.quantity() == Quantity.COUNT) {
      value = Math.rint(value);
    }
    return Math.max(least, Math.min(most, value));
  }

  /** What the records themselves refuse is no legal value; the design then stays as it was. */
  private static Design tryOr(Design design, UnaryOperator<Design> change) {
    try {
      return change.apply(design);
    } catch (IllegalArgumentException e) {
      return design;
    }
  }

  private <T> T any(List<T> things) {
    return things.get(random.nextInt(things.size()));
  }

  private String wood() {
    return random.nextInt(20) == 0 ? "a wood of my own" : any(List.copyOf(SpeciesBook.all())).id();
  }

  private double between(double least, double most) {
    return switch (random.nextInt(8)) {
      case 0 -> least;
      case 1 -> most;
      default -> least + (most - least) * random.nextDouble();
    };
  }

  private List<StringSpec> strings() {
    List<StringSpec> all = new ArrayList<>();
    int count = 1 + random.nextInt(Design.MOST_STRINGS);
    for (int i = 0; i < count; i++) {
      all.add(
          new StringSpec(
              between(0.1, 5), random.nextBoolean(), between(0, 4.9), between(10, 2000)));
    }
    return all;
  }

  private Stack strips(Stack stack, boolean anew) {
    List<Strip> strips = new ArrayList<>(stack.strips());
    if (anew) {
      strips.clear();
      int count = 1 + random.nextInt(random.nextBoolean() ? 8 : Stack.MOST_STRIPS);
      for (int i = 0; i < count; i++) {
        strips.add(strip(random.nextBoolean() ? 20 : Strip.MOST));
      }
      return new Stack(strips, random.nextBoolean());
    }
    int at = random.nextInt(strips.size());
    strips.set(at, strip(30));
    return new Stack(strips, random.nextBoolean());
  }

  private Strip strip(double most) {
    double thickness = between(Strip.LEAST, most);
    return new Strip(
        wood(),
        thickness,
        random.nextInt(3) == 0 ? between(Strip.LEAST, most) : thickness,
        random.nextInt(3) == 0 ? between(0, Strip.DEEPEST_BOW) : 0,
        random.nextBoolean() ? Strip.Grain.TO_HEAD : Strip.Grain.TO_HEEL);
  }

  private List<BlankStep> steps(int count) {
    List<BlankStep> steps = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      BlankStep.Kind kind = any(List.of(BlankStep.Kind.values()));
      double most = kind == BlankStep.Kind.OPENED ? Strip.MOST : 400;
      steps.add(new BlankStep(kind, wood(), between(0, most), between(0, 2000)));
    }
    return steps;
  }

  private Design fittings(Design design, int count) {
    Design next = design;
    for (int i = 0; i < count; i++) {
      next =
          tryOr(
              next,
              d -> {
                List<String> names =
                    new ArrayList<>(d.fittings().stream().map(Fitting::name).toList());
                names.addAll(List.of("pocket", "posts", "springs", "nothing-such", "bolt-1"));
                int way = random.nextInt(5);
                if (way == 0 && !d.fittings().isEmpty()) {
                  return d.withoutFitting(any(d.fittings()).name());
                }
                List<String> with = new ArrayList<>();
                int ties = random.nextInt(4);
                for (int t = 0; t < ties; t++) {
                  with.add(any(names));
                }
                if (way == 1 && !d.fittings().isEmpty()) {
                  return d.changeFitting(any(d.fittings()).withWith(with));
                }
                FittingType type = any(List.of(FittingType.values()));
                List<FittingKind> kinds = FittingBook.of(type.word());
                return d.addFitting(
                    new Fitting(
                        type,
                        d.freeFittingName(type.word() + "-own"),
                        any(kinds).id(),
                        with,
                        any(List.of("", "", "Grün №3", "回路"))));
              });
    }
    return next;
  }

  private DrawnOutline drawn() {
    List<Point> corners = new ArrayList<>();
    int count = 3 + random.nextInt(random.nextInt(4) == 0 ? 600 : 40);
    double size = Math.pow(10, 1 + 3 * random.nextDouble());
    boolean crossing = random.nextInt(3) == 0;
    for (int i = 0; i < count; i++) {
      double angle = crossing ? random.nextDouble() * 7 : 2 * Math.PI * i / count;
      double r = size * (0.6 + 0.4 * random.nextDouble());
      corners.add(new Point(r * Math.cos(angle), 0.6 * r * Math.sin(angle)));
    }
    return new DrawnOutline("random.svg", corners, random.nextInt(3) == 0 ? 5 : 0);
  }

  private List<SmallPart> smallParts() {
    List<SmallPart> all = new ArrayList<>();
    int count = random.nextInt(12);
    for (int i = 0; i < count; i++) {
      all.add(
          new SmallPart(
              "part " + i, wood(), between(0.5, 2000), between(0.5, 500), between(0.5, 200)));
    }
    return all;
  }

  private Design placements(Design design) {
    Design next = design;
    List<String> parts = List.of("body-back", "top", "neck", "wing", "back-1", "fretboard", "none");
    for (int i = random.nextInt(4); i > 0; i--) {
      next =
          next.withPlacement(
              any(parts),
              new Placement(
                  any(List.of("cherry-1", "elm-1", "pear-1", "no-board")),
                  between(-3000, 3000),
                  between(-500, 500),
                  random.nextBoolean()));
    }
    return next;
  }

  private Build measured(Build build, int count) {
    Build next = build;
    List<Decision> all = decisions(build.design());
    for (int i = 0; i < count; i++) {
      if (any(all) instanceof NumberDecision number && number.measurable()) {
        double value = value(number, number.in(build.design()), random.nextDouble());
        next = next.withReading(Reading.of(number.id(), value, DAY));
      }
    }
    return next;
  }

  private Shop shop(double share) {
    Shop shop = Demo.shop();
    if (random.nextDouble() < share) {
      List<Board> boards = new ArrayList<>();
      int count = random.nextInt(12);
      for (int i = 0; i < count; i++) {
        boards.add(
            Board.unknown("board-" + i, wood())
                .withLength(maybe(1, 10_000))
                .withWidth(maybe(1, 1000))
                .withThickness(maybe(1, 300))
                .withMoisture(maybe(0, 200))
                .withMass(maybe(1, 999_999))
                .withRunOut(between(0, 45)));
      }
      shop = shop.withBoards(boards);
    }
    if (random.nextDouble() < share) {
      List<Saw> saws = new ArrayList<>();
      for (int i = random.nextInt(4); i > 0; i--) {
        saws.add(
            new Saw(
                "saw " + i, between(0, 10), between(0, 20), between(0, 20), between(0.1, 2000)));
      }
      shop = shop.withSaws(saws);
    }
    if (random.nextDouble() < share) {
      shop = shop.withCutters(shop.cutters().stream().filter(c -> random.nextBoolean()).toList());
    }
    if (random.nextDouble() < share) {
      for (String kind : List.of("edge", "web", "floor", "pocket", "nonsense")) {
        double fail = between(0.1, 20);
        shop = shop.withLimit(kind, new Limit(fail + between(0, 20), fail));
      }
    }
    return shop;
  }

  private OptionalDouble maybe(double least, double most) {
    return random.nextInt(4) == 0
        ? OptionalDouble.empty()
        : OptionalDouble.of(between(least, most));
  }
}
