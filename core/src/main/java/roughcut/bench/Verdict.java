package roughcut.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import roughcut.clearance.Clearance;
import roughcut.finding.Finding;
import roughcut.measure.Text;
import roughcut.measure.Units;
import roughcut.part.PartId;
import roughcut.plan.Plan;

/**
 * How the whole instrument stands, by the plan as it is now: what can't be, isn't ready or is left
 * too thin, and what was made otherwise. It stands as long as that stands, whatever was read last.
 *
 * @param items the worst first
 */
public record Verdict(List<Item> items) {
  /** Whether to go on. */
  public enum State {
    STOP(Text.of("Stop")),
    LOOK(Text.of("Check")),
    GO(Text.of("OK"));

    private final Text word;

    State(Text word) {
      this.word = word;
    }

    public Text word() {
      return word;
    }
  }

  /**
   * One thing that is wrong or wants a look.
   *
   * @param parts that it is about
   */
  public record Item(State state, Text text, Set<PartId> parts) {
    /** As it is read in millimetres. */
    public String words() {
      return text.in(Units.MM);
    }
  }

  public Verdict {
    items = items.stream().sorted((a, b) -> a.state().compareTo(b.state())).toList();
  }

  /**
   * Of a plan.
   *
   * @param outdated what is made already and no longer agrees
   */
  public static Verdict of(Plan plan, List<OutdatedCut> outdated) {
    List<Item> all = new ArrayList<>();
    for (Finding finding : plan.findings()) {
      State state = state(finding.severity());
      all.add(new Item(state, finding.what(), Concern.of(finding)));
    }
    for (Clearance clearance : plan.clearances()) {
      if (clearance.state() != Clearance.State.CLEAR) {
        State state = clearance.state() == Clearance.State.STOP ? State.STOP : State.LOOK;
        all.add(new Item(state, clearance.message().what(), Concern.of(clearance)));
      }
    }
    for (OutdatedCut one : outdated) {
      all.add(new Item(State.LOOK, one.text(), Set.of(one.operation().part())));
    }
    all.addAll(OtherHand.of(plan));
    return new Verdict(all);
  }

  /** What is still to be got holds up what wants it, and that alone. */
  private static State state(Finding.Severity severity) {
    return switch (severity) {
      case IMPOSSIBLE, STOP -> State.STOP;
      case GET, LOOK -> State.LOOK;
    };
  }

  public State state() {
    return items.isEmpty() ? State.GO : items.get(0).state();
  }

  /** What of it is about one part. */
  public Verdict about(PartId part) {
    return new Verdict(items.stream().filter(i -> Concern.meets(i.parts(), part)).toList());
  }

  /** What stops. */
  public List<Item> stops() {
    return items.stream().filter(i -> i.state() == State.STOP).toList();
  }

  /**
   * In one line: the word, how much of it is about a part and how much isn't, and the worst of what
   * is.
   */
  public Text sentence(PartId part) {
    if (items.isEmpty()) {
      return Text.of("{go} · no problems, nothing to check", State.GO.word());
    }
    List<Item> here = about(part).items().stream().filter(this::worst).toList();
    long elsewhere = items.stream().filter(this::worst).count() - here.size();
    Text where =
        here.isEmpty()
            ? Text.of("{count} elsewhere, none here", count(elsewhere))
            : (elsewhere == 0
                ? Text.of("{count} on the {part}", count(here.size()), Text.word(part.word()))
                : Text.of(
                    "{count} on the {part}, {elsewhere} elsewhere",
                    count(here.size()),
                    Text.word(part.word()),
                    elsewhere));
    Item first = here.isEmpty() ? items.get(0) : here.get(0);
    return Text.of("{state} · {where}: {first}", state().word(), where, first.text());
  }

  private boolean worst(Item item) {
    return item.state() == state();
  }

  private Text count(long n) {
    return state() == State.STOP
        ? Text.of(n == 1 ? "{n} problem" : "{n} problems", n)
        : Text.of(n == 1 ? "{n} thing to check" : "{n} things to check", n);
  }
}
