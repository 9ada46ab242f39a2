package roughcut.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Finds things by what a maker types: a few words of a name in any order and any form, another word
 * for the same thing, a plain question, one letter wrong in a word. What fits best comes first.
 */
public final class Search {
  /**
   * What can be found.
   *
   * @param name the words of what it is called
   * @param id the words of its id, which makers who write files know
   * @param more the words of its explanation
   */
  public record Entry<T>(T thing, List<String> name, List<String> id, List<String> more) {
    public static <T> Entry<T> of(T thing, String name, String id, String more) {
      return new Entry<>(thing, telling(name), split(id.replace('.', ' ')), telling(more));
    }
  }

  /** Words that say nothing of what is looked for. */
  private static final Set<String> EMPTY =
      Set.of(
          "a", "an", "and", "are", "at", "be", "by", "can", "do", "does", "for", "from", "go",
          "goes", "has", "have", "how", "i", "in", "is", "it", "its", "me", "must", "my", "need",
          "of", "on", "one", "please", "put", "set", "should", "show", "that", "the", "there",
          "this", "to", "use", "what", "when", "where", "which", "why", "will", "with", "you");

  /** How a question asks for a kind of number. They help to choose and never shut anything out. */
  private static final Map<Pattern, String> ASKS = asks();

  private static final Pattern BREAK = Pattern.compile("[^\\p{L}\\p{N}.½]+|\\.(?!\\d)");

  /** What is done somewhere says nothing of where. */
  private static final Set<String> DONE_THERE =
      Set.of("cut", "drill", "mark", "measure", "put", "rout", "saw");

  /** A word so short has no letter to spare. */
  private static final int CERTAIN = 4;

  private static final double NAMED = 1;
  private static final double BEGUN = 0.85;
  private static final double ALIKE = 0.6;
  private static final double MISSPELT = 0.5;

  /** Found by its id, or in its explanation only. */
  private static final double BY_ID = 0.45;

  private static final double ASIDE = 0.2;

  /** What kind of number was asked for. */
  private static final double ASKED = 0.8;

  /** A name that begins with what was asked for is about that. */
  private static final double FOREMOST = 0.12;

  /** For each word of the name that nobody asked for. */
  private static final double SURPLUS = 0.04;

  /** For each word that isn't met at all. */
  private static final double UNMET = 0.7;

  /** What fits so much worse than the best is no answer. */
  private static final double WORTH = 0.4;

  private Search() {}

  private static Map<Pattern, String> asks() {
    Map<Pattern, String> all = new LinkedHashMap<>();
    all.put(Pattern.compile("\\bhow deep\\b"), "depth");
    all.put(Pattern.compile("\\bhow long\\b"), "length");
    all.put(Pattern.compile("\\bhow wide\\b"), "width");
    all.put(Pattern.compile("\\bhow thick\\b"), "thickness");
    all.put(Pattern.compile("\\bhow (high|tall)\\b"), "height");
    all.put(Pattern.compile("\\bhow heavy\\b|\\bweighs?\\b"), "weight");
    all.put(Pattern.compile("\\bhow many\\b"), "number");
    all.put(Pattern.compile("\\bhow big\\b"), "diameter");
    all.put(Pattern.compile("\\bwhere\\b|\\bhow far\\b"), "position");
    return all;
  }

  /**
   * One word that is looked for.
   *
   * @param alike words for the same thing; several of them belong together
   */
  private record Word(String word, List<List<String>> alike) {
    static Word of(String word) {
      Set<String> all = new LinkedHashSet<>(Synonyms.of(word));
      all.addAll(Synonyms.of(root(word)));
      all.remove(word);
      return new Word(word, all.stream().map(Search::telling).toList());
    }

    double fits(Entry<?> entry) {
      return Math.max(
          within(entry.name()), Math.max(BY_ID * within(entry.id()), ASIDE * within(entry.more())));
    }

    private double within(List<String> text) {
      double best = Search.within(word, text);
      for (List<String> other : alike) {
        double there = 1;
        for (String part : other) {
          there = Math.min(there, Search.within(part, text));
        }
        best = Math.max(best, ALIKE * there);
      }
      return best;
    }
  }

  /** A question taken apart. */
  private record Wanted(List<Word> words, List<Word> asked) {
    static Wanted of(String query) {
      String small = query.toLowerCase(Locale.ROOT);
      List<String> asked = new ArrayList<>();
      boolean where = false;
      for (Map.Entry<Pattern, String> ask : ASKS.entrySet()) {
        if (ask.getKey().matcher(small).find()) {
          asked.add(ask.getValue());
          where |= ask.getValue().equals("position");
          small = ask.getKey().matcher(small).replaceAll(" ");
        }
      }
      boolean place = where;
      List<String> all = split(small);
      List<String> telling =
          all.stream()
              .filter(w -> !EMPTY.contains(w) && !(place && DONE_THERE.contains(w)))
              .toList();
      if (telling.isEmpty() && !asked.isEmpty()) {
        return new Wanted(asked.stream().map(Word::of).toList(), List.of());
      }
      return new Wanted(
          (telling.isEmpty() ? all : telling).stream().map(Word::of).toList(),
          asked.stream().map(Word::of).toList());
    }

    double score(Entry<?> entry) {
      double score = -SURPLUS * entry.name().size();
      boolean met = false;
      for (Word word : words) {
        double fits = word.fits(entry);
        met |= fits > ASIDE || fits > 0 && words.size() == 1;
        score += fits > 0 ? fits : -UNMET;
      }
      if (!met) {
        return 0;
      }
      for (Word ask : asked) {
        score += ASKED * ask.fits(entry);
      }
      String first = entry.name().isEmpty() ? "" : entry.name().get(0);
      return score + (words.stream().anyMatch(w -> one(w.word(), first) >= NAMED) ? FOREMOST : 0);
    }
  }

  private static List<String> split(String text) {
    return BREAK
        .splitAsStream(text.toLowerCase(Locale.ROOT))
        .filter(w -> !w.isEmpty())
        .distinct()
        .toList();
  }

  /** The words that say something; all of them where none does. */
  private static List<String> telling(String text) {
    List<String> all = split(text);
    List<String> telling = all.stream().filter(w -> !EMPTY.contains(w)).toList();
    return telling.isEmpty() ? all : telling;
  }

  /**
   * What answers, the best first; everything where nothing is asked. What meets most of the words
   * is better than nothing.
   */
  public static <T> List<T> find(List<Entry<T>> all, String query) {
    Wanted wanted = Wanted.of(query);
    if (wanted.words().isEmpty()) {
      return all.stream().map(Entry::thing).toList();
    }
    record Hit<T>(T thing, double score) {}
    List<Hit<T>> hits = new ArrayList<>();
    double best = 0;
    for (Entry<T> entry : all) {
      double score = wanted.score(entry);
      if (score > 0) {
        hits.add(new Hit<>(entry.thing(), score));
        best = Math.max(best, score);
      }
    }
    double enough = WORTH * best;
    return hits.stream()
        .filter(h -> h.score() >= enough)
        .sorted(Comparator.comparingDouble((Hit<T> h) -> -h.score()))
        .map(Hit::thing)
        .toList();
  }

  private static double within(String word, List<String> text) {
    return text.stream().mapToDouble(there -> one(word, there)).max().orElse(0);
  }

  private static double one(String word, String there) {
    if (there.equals(word)) {
      return NAMED;
    }
    String root = root(word);
    if (root.equals(root(there))) {
      return NAMED - SURPLUS;
    }
    if (there.startsWith(word) || root.length() >= CERTAIN && there.startsWith(root)) {
      return BEGUN;
    }
    boolean long_ = word.length() >= CERTAIN && there.length() >= CERTAIN;
    return long_ && oneApart(word, there) ? MISSPELT : 0;
  }

  /** A word without the ending that its place in a sentence gives it. */
  private static String root(String word) {
    for (String ending : List.of("ings", "ing", "ies", "es", "ed", "s")) {
      if (word.endsWith(ending) && word.length() - ending.length() >= 3) {
        String root = word.substring(0, word.length() - ending.length());
        return ending.equals("ies") ? root + "y" : root;
      }
    }
    return word;
  }

  /**
   * Whether one letter was left out, put in, mistaken, or two next to each other changed places.
   */
  static boolean oneApart(String a, String b) {
    int from = 0;
    while (from < a.length() && from < b.length() && a.charAt(from) == b.charAt(from)) {
      from++;
    }
    String restA = a.substring(from);
    String restB = b.substring(from);
    boolean turned =
        restA.length() > 1
            && restB.length() > 1
            && restA.charAt(0) == restB.charAt(1)
            && restA.charAt(1) == restB.charAt(0)
            && restA.substring(2).equals(restB.substring(2));
    return turned
        || tail(restA).equals(tail(restB))
        || tail(restA).equals(restB)
        || restA.equals(tail(restB));
  }

  private static String tail(String word) {
    return word.isEmpty() ? word : word.substring(1);
  }
}
