package roughcut.memo;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/**
 * What was made for a plan, block by block, each with what was asked for meanwhile: the next plan
 * takes a block as it is when nothing of that has changed and the blocks before it are the same
 * objects (a build system's early cut-off). One memo belongs to one plan; it is asked by one thread
 * at a time.
 */
public final class Memo implements QuestionListener {
  /**
   * What a block was made of.
   *
   * @param within keys of blocks that were made or taken while it was
   */
  private record Block(
      List<?> from,
      Set<String> asked,
      boolean all,
      Map<Object, Object> uses,
      List<Object> within,
      Object made) {}

  /** What is asked for while a block is made. */
  private static final class Asked {
    private final Set<String> ids = new HashSet<>();
    private final Map<Object, Object> uses = new HashMap<>();
    private final List<Object> within = new ArrayList<>();

    /** Whether it may use what others have made, which is then asked again for the next plan. */
    private final boolean looks;

    private boolean all;

    Asked(boolean looks) {
      this.looks = looks;
    }
  }

  private static final UnaryOperator<Object> NOTHING = question -> Optional.empty();

  private final Map<Object, Block> before;
  private final Set<String> changed;
  private final Map<Object, Block> now = new HashMap<>();
  private final Deque<Asked> open = new ArrayDeque<>();
  private final List<Object> remade = new ArrayList<>();

  /** The first: there is nothing to be used again. */
  public Memo() {
    this(Map.of(), Set.of());
  }

  private Memo(Map<Object, Block> before, Set<String> changed) {
    this.before = before;
    this.changed = new HashSet<>(changed);
  }

  /**
   * A memo for the next plan.
   *
   * @param changed ids of all that isn't as it was for this one
   */
  public Memo next(Set<String> changed) {
    return new Memo(now, Set.copyOf(changed));
  }

  /**
   * A block: as it was, or made anew.
   *
   * @param key its own, once in a plan
   * @param from what else it is made of; the same objects, not only equal ones
   */
  public <T> T block(Object key, List<?> from, Supplier<T> make) {
    return block(key, from, NOTHING, make);
  }

  /**
   * A block that may use what others have made before it.
   *
   * @param answers what is there now, for each question that was {@link #used} while it was made
   */
  @SuppressWarnings("unchecked") // a key stands for one kind of block
  public <T> T block(Object key, List<?> from, UnaryOperator<Object> answers, Supplier<T> make) {
    Block was = before.get(key);
    if (was != null && good(was, from) && alike(was, answers)) {
      keep(key, was);
      carry(was);
      return (T) was.made;
    }
    Asked asked = new Asked(answers != NOTHING);
    open.push(asked);
    T made;
    try {
      made = make.get();
    } finally {
      open.pop();
    }
    remade.add(key);
    keep(key, new Block(List.copyOf(from), asked.ids, asked.all, asked.uses, asked.within, made));
    return made;
  }

  /**
   * A thing that is made anew, or the one from before where that is equal: what is made of it
   * needn't be made again.
   */
  public <T> T same(Object key, T thing) {
    return same(key, thing, Object::equals);
  }

  /**
   * The same for things that say otherwise than by {@code equals} whether they are alike.
   *
   * @param alike whether what is made of one would be as if made of the other
   */
  @SuppressWarnings("unchecked") // a key stands for one kind of thing
  public <T> T same(Object key, T thing, BiPredicate<T, T> alike) {
    Block was = before.get(key);
    T kept = was != null && alike.test((T) was.made, thing) ? (T) was.made : thing;
    now.put(key, new Block(List.of(), Set.of(), false, Map.of(), List.of(), kept));
    if (!open.isEmpty()) {
      open.peek().within.add(key);
    }
    return kept;
  }

  /**
   * Says what was there when what is being made looked; of use to a block that may look.
   *
   * @throws IllegalStateException in one that may not, inside of one that may
   */
  public void used(Object question, Object answer) {
    if (!open.isEmpty() && open.peek().looks) {
      open.peek().uses.putIfAbsent(question, answer);
    } else if (open.stream().anyMatch(o -> o.looks)) {
      // The outer block would be asked again, this one never: it would stay as it was for good.
      throw new IllegalStateException("a block looks at what it isn't made of: " + question);
    }
  }

  private static boolean alike(Block was, UnaryOperator<Object> answers) {
    return was.uses.entrySet().stream()
        .allMatch(use -> use.getValue().equals(answers.apply(use.getKey())));
  }

  /**
   * Values that stand in others' places from now on: where they aren't as they were, what asked for
   * these is made anew.
   *
   * @param values by the ids whose place they take
   */
  public void entries(Map<String, ?> values) {
    Map<String, ?> kept = same("standing", values);
    Block was = before.get("standing");
    if (was == null || was.made != kept) {
      changed.addAll(values.keySet());
      if (was != null) {
        changed.addAll(((Map<?, ?>) was.made).keySet().stream().map(Object::toString).toList());
      }
    }
  }

  private boolean good(Block was, List<?> from) {
    if (was.all && !changed.isEmpty() || was.from.size() != from.size()) {
      return false;
    }
    for (int i = 0; i < from.size(); i++) {
      if (was.from.get(i) != from.get(i)) {
        return false;
      }
    }
    return changed.stream().noneMatch(was.asked::contains);
  }

  /** What a block was made of is there for the plan after the next, too. */
  private void carry(Block block) {
    for (Object key : block.within) {
      Block inner = before.get(key);
      now.put(key, inner);
      carry(inner);
    }
  }

  private void keep(Object key, Block block) {
    if (now.put(key, block) != null) {
      throw new IllegalStateException("made twice in one plan: " + key);
    }
    if (!open.isEmpty()) {
      open.peek().ids.addAll(block.asked);
      open.peek().all |= block.all;
      open.peek().within.add(key);
    }
  }

  @Override
  public void asked(String id) {
    if (!open.isEmpty()) {
      open.peek().ids.add(id);
    }
  }

  @Override
  public void everything() {
    if (!open.isEmpty()) {
      open.peek().all = true;
    }
  }

  /** Keys of the blocks that had to be made, in the order of finishing them. */
  public List<Object> remade() {
    return List.copyOf(remade);
  }
}
