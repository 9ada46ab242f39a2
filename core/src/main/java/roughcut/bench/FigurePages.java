package roughcut.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roughcut.measure.NumberWriter;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.measure.Value;
import roughcut.plan.Plan;
import roughcut.rout.CutLocations;
import roughcut.rout.RoutPlan;

/**
 * The figures that a cut needs, page by page as they are read at the machine: where and how deep
 * first, then one pass at a time in the order of routing.
 *
 * @param pages at least one, which may be empty
 */
public record FigurePages(List<Page> pages) {
  /** So many are read from two metres at once. */
  public static final int MOST = 4;

  private static final Pattern PASS = Pattern.compile("pass\\.(.+)\\.(\\d+)\\.setting");

  /**
   * Figures that are looked at together.
   *
   * @param title what they are of; empty where the operation says it
   */
  public record Page(Text title, List<Figure> figures) {
    public Page {
      figures = List.copyOf(figures);
    }
  }

  /**
   * One figure, ready to be written large.
   *
   * @param number in the maker's units, without the unit; never less than 0 where a side is said
   * @param what it is, and towards which side
   */
  public record Figure(String number, Text unit, Text what, Value value) {}

  public FigurePages {
    pages = List.copyOf(pages);
  }

  /** Of an operation, in the maker's units. */
  public static FigurePages of(Plan plan, Operation op, Units units) {
    List<Figure> single = new ArrayList<>();
    List<Page> passes = new ArrayList<>();
    for (String id : op.settings()) {
      Matcher pass = PASS.matcher(id);
      if (pass.matches()) {
        passes.add(pass(plan, pass.group(1), Integer.parseInt(pass.group(2)), units));
      } else {
        plan.value(id).map(v -> figure(v, units)).ifPresent(single::add);
      }
    }
    List<Page> pages = new ArrayList<>();
    for (int i = 0; i < single.size(); i += MOST) {
      int to = Math.min(single.size(), i + MOST);
      pages.add(new Page(Text.NONE, single.subList(i, to)));
    }
    pages.addAll(passes);
    return new FigurePages(pages.isEmpty() ? List.of(new Page(Text.NONE, List.of())) : pages);
  }

  /** One pass: its cutter, what the router is set to, and how deep it then goes. */
  private static Page pass(Plan plan, String step, int number, Units units) {
    String id = "pass." + step + "." + number;
    List<Figure> figures = new ArrayList<>();
    for (String what : List.of(".setting", ".depth", ".cutter")) {
      plan.value(id + what).map(v -> figure(v, units)).ifPresent(figures::add);
    }
    RoutPlan rout =
        plan.cuts().routs().stream()
            .filter(r -> r.step().name().equals(step))
            .findFirst()
            .orElseThrow();
    return new Page(
        Text.of(
            "Pass {number} of {size}, {cutter}",
            number,
            rout.plan().passes().size(),
            rout.plan().passes().get(number - 1).cutter().name()),
        figures);
  }

  private static Figure figure(Value value, Units units) {
    boolean sided = CutLocations.signed(value.id());
    double shown = sided ? Math.abs(value.value()) : value.value();
    Text label =
        !sided || Math.abs(value.value()) < OutdatedCut.SEEN / 2
            ? value.label()
            : Text.of(
                value.value() > 0 ? "{figure}, treble side" : "{figure}, bass side", value.label());
    return new Figure(
        NumberWriter.number(shown, value.quantity(), units),
        Text.raw(NumberWriter.sign(value.quantity(), units)),
        label,
        value);
  }

  /**
   * The same on more pages, where there is less room.
   *
   * @param most figures on a page
   */
  public FigurePages split(int most) {
    List<Page> next = new ArrayList<>();
    for (Page page : pages) {
      for (int i = 0; i == 0 || i < page.figures.size(); i += most) {
        next.add(
            new Page(page.title, page.figures.subList(i, Math.min(page.figures.size(), i + most))));
      }
    }
    return new FigurePages(next);
  }

  /** The page with that number, going round. */
  public Page page(int number) {
    return pages.get(Math.floorMod(number, pages.size()));
  }
}
