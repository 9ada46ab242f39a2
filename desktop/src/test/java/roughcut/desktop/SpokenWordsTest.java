package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ConditionalExpressionTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.NewClassTree;
import com.sun.source.tree.ParenthesizedTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * What the windows say, read in their sources: no sentence is put together with a plus, every hole
 * has something in it, and no word of the right column of docs/words.md is said.
 */
class SpokenWordsTest {
  private static final Pattern HOLE = Pattern.compile("\\{(\\w+)}");

  /** Two words, or a word with a blank at its end that something else would follow. */
  private static final Pattern SENTENCE =
      Pattern.compile("[a-z]{2}[,:;.]? +[a-z“{]|[a-z]{2} $|^ [a-z]{2}");

  private static final List<String> GLUED = new ArrayList<>();
  private static final List<String> UNFILLED = new ArrayList<>();
  private static final Set<String> SAID = new HashSet<>();

  @BeforeAll
  static void read() throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
        Stream<Path> all = Files.walk(Path.of("src/main/java"))) {
      List<Path> java = all.filter(p -> p.toString().endsWith(".java")).toList();
      JavacTask task =
          (JavacTask)
              compiler.getTask(
                  null,
                  files,
                  null,
                  List.of("-proc:none"),
                  null,
                  files.getJavaFileObjectsFromPaths(java));
      for (CompilationUnitTree unit : task.parse()) {
        new Reader(Path.of(unit.getSourceFile().getName()).getFileName() + ": ").scan(unit, null);
      }
    }
  }

  @Test
  void noSentenceIsPutTogetherWithAPlus() {
    assertThat(SAID).as("what is said").hasSizeGreaterThan(900);
    assertThat(GLUED).isEmpty();
  }

  @Test
  void everyHoleHasSomethingInIt() {
    assertThat(UNFILLED).isEmpty();
  }

  @Test
  void noWordIsSaidThatTheListSaysNotTo() throws IOException {
    List<String> wrong = new ArrayList<>();
    int banned = 0;
    for (String line : Files.readAllLines(Path.of("../docs/words.md"))) {
      String[] cells = line.split("\\|");
      if (cells.length != 3 || cells[1].contains("---") || cells[1].strip().equals("say")) {
        continue;
      }
      for (String word : cells[2].split(",")) {
        banned++;
        Pattern there = Pattern.compile("\\b" + Pattern.quote(word.strip()) + "\\b");
        SAID.stream()
            .filter(s -> there.matcher(s.toLowerCase(Locale.ROOT)).find())
            .forEach(s -> wrong.add(word.strip() + ": " + s));
      }
    }
    assertThat(banned).isGreaterThan(40);
    assertThat(wrong).isEmpty();
  }

  private static final class Reader extends TreePathScanner<Void, Void> {
    private final String where;

    Reader(String where) {
      this.where = where;
    }

    private static boolean says(Tree tree) {
      return tree instanceof MethodInvocationTree call
          && call.getMethodSelect().toString().matches("say|count|Text\\.of");
    }

    /** What is thrown or logged is told as it is; a key is no sentence. */
    private boolean silent() {
      for (TreePath p = getCurrentPath(); p != null; p = p.getParentPath()) {
        Tree tree = p.getLeaf();
        if (says(tree)) {
          return true; // one template over several lines
        }
        if (tree instanceof NewClassTree made) {
          return made.getIdentifier().toString().endsWith("Exception");
        }
        if (tree instanceof MethodInvocationTree call) {
          return call.getMethodSelect()
              .toString()
              .matches(
                  "(.*\\.)?(edit|make|editShop|makeShop|println|log|compile|format|resolve|set"
                      + "|remember|number|get|remove)");
        }
      }
      return false;
    }

    @Override
    public Void visitBinary(BinaryTree sum, Void nothing) {
      if (sum.getKind() == Tree.Kind.PLUS && !silent()) {
        for (ExpressionTree part : List.of(sum.getLeftOperand(), sum.getRightOperand())) {
          if (part instanceof LiteralTree literal
              && literal.getValue() instanceof String words
              && SENTENCE.matcher(words).find()) {
            GLUED.add(where + words);
          }
        }
      }
      return super.visitBinary(sum, nothing);
    }

    /** The sentence, or those of which one is chosen. */
    private static List<String> templates(Tree tree) {
      if (tree instanceof ParenthesizedTree inner) {
        return templates(inner.getExpression());
      }
      if (tree instanceof ConditionalExpressionTree choice) {
        List<String> all = new ArrayList<>(templates(choice.getTrueExpression()));
        all.addAll(templates(choice.getFalseExpression()));
        return all;
      }
      if (tree instanceof BinaryTree sum) {
        List<String> left = templates(sum.getLeftOperand());
        List<String> right = templates(sum.getRightOperand());
        return left.size() == 1 && right.size() == 1
            ? List.of(left.get(0) + right.get(0))
            : List.of();
      }
      return tree instanceof LiteralTree literal && literal.getValue() instanceof String words
          ? List.of(words)
          : List.of();
    }

    @Override
    public Void visitMethodInvocation(MethodInvocationTree call, Void nothing) {
      List<? extends ExpressionTree> args = call.getArguments();
      String name = call.getMethodSelect().toString();
      if (name.equals("say") || name.equals("count") && args.size() > 2) {
        boolean counts = name.equals("count");
        List<String> all = new ArrayList<>(templates(args.get(counts ? 1 : 0)));
        if (counts) {
          all.addAll(templates(args.get(2)));
        }
        int given = counts ? args.size() - 2 : args.size() - 1;
        all.forEach(t -> filled(t, given));
      }
      return super.visitMethodInvocation(call, nothing);
    }

    private void filled(String template, int given) {
      Set<String> names = new HashSet<>();
      int holes = 0;
      Matcher hole = HOLE.matcher(template);
      while (hole.find()) {
        holes++;
        names.add(hole.group(1));
      }
      SAID.add(HOLE.matcher(template).replaceAll("…"));
      if (holes != given || names.size() != holes) {
        UNFILLED.add(where + template);
      }
    }
  }
}
