package roughcut.measure;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ConditionalExpressionTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MemberSelectTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.ParenthesizedTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.lang.model.type.TypeMirror;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/**
 * Sentences stay values until they are read: none is put into words with a plus, where its lengths
 * would be millimetres for good, and each that is written out has a thing for every hole.
 */
class SentencesTest {
  private static final String TEXT = Text.class.getName();
  private static final Pattern COMPARING =
      Pattern.compile("equals|indexOf|contains|remove|append|format");
  private static final Pattern HOLE = Pattern.compile("\\{(\\w+)}");
  private final List<String> glued = new ArrayList<>();
  private final List<String> unfilled = new ArrayList<>();
  private int written;

  @Test
  void sentencesAreNeverGlued() throws IOException {
    scan(Path.of("src/main/java"));
    assertThat(written).as("sentences with holes").isGreaterThan(300);
    assertThat(glued).as("a sentence in a concatenation").isEmpty();
    assertThat(unfilled).as("holes and what stands in them").isEmpty();
  }

  private void scan(Path sources) throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    try (StandardJavaFileManager files = compiler.getStandardFileManager(null, null, null);
        Stream<Path> all = Files.walk(sources)) {
      List<Path> java = all.filter(p -> p.toString().endsWith(".java")).toList();
      JavacTask task =
          (JavacTask)
              compiler.getTask(
                  null,
                  files,
                  null,
                  List.of("-proc:none", "-cp", System.getProperty("java.class.path")),
                  null,
                  files.getJavaFileObjectsFromPaths(java));
      Iterable<? extends CompilationUnitTree> units = task.parse();
      task.analyze();
      Trees trees = Trees.instance(task);
      for (CompilationUnitTree unit : units) {
        new Reader(trees, unit).scan(unit, null);
      }
    }
  }

  private final class Reader extends TreePathScanner<Void, Void> {
    private final Trees trees;
    private final CompilationUnitTree unit;

    Reader(Trees trees, CompilationUnitTree unit) {
      this.trees = trees;
      this.unit = unit;
    }

    private String at(Tree tree) {
      long from = trees.getSourcePositions().getStartPosition(unit, tree);
      return Path.of(unit.getSourceFile().getName()).getFileName()
          + ":"
          + unit.getLineMap().getLineNumber(from)
          + " "
          + tree;
    }

    @Override
    public Void visitBinary(BinaryTree sum, Void nothing) {
      if (sum.getKind() == Tree.Kind.PLUS) {
        for (ExpressionTree part : List.of(sum.getLeftOperand(), sum.getRightOperand())) {
          TypeMirror type = trees.getTypeMirror(new TreePath(getCurrentPath(), part));
          if (type != null && type.toString().startsWith(TEXT)) {
            glued.add(at(part));
          }
        }
      }
      return super.visitBinary(sum, nothing);
    }

    private String type(TreePath above, Tree tree) {
      TypeMirror type = trees.getTypeMirror(new TreePath(above, tree));
      return type == null ? "" : type.toString();
    }

    /** A sentence compared with words, or printed as an object: both compile, and neither works. */
    private void mixed(MethodInvocationTree call) {
      if (!(call.getMethodSelect() instanceof MemberSelectTree select)) {
        return;
      }
      String of = type(new TreePath(getCurrentPath(), select), select.getExpression());
      boolean sentences = of.matches("(java\\.util\\.\\w+<)?" + TEXT + ">?");
      boolean words = of.matches("java\\.(util\\.\\w+<java\\.)?lang\\.(String|StringBuilder)>?");
      boolean compared = COMPARING.matcher(select.getIdentifier()).matches();
      for (ExpressionTree arg : compared ? call.getArguments() : List.<ExpressionTree>of()) {
        String type = type(getCurrentPath(), arg);
        if (sentences && type.equals("java.lang.String") || words && type.equals(TEXT)) {
          glued.add(at(call));
        }
      }
    }

    /** The template, or those of which one is chosen; none that is found only while it runs. */
    private List<String> templates(Tree tree) {
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

    private void filled(String template, MethodInvocationTree call) {
      Set<String> names = new HashSet<>();
      int holes = 0;
      Matcher hole = HOLE.matcher(template);
      while (hole.find()) {
        holes++;
        names.add(hole.group(1));
      }
      written += holes > 0 ? 1 : 0;
      // Two holes that touch are two sentences glued: one of them brings the space or the comma.
      boolean touch = template.contains("}{");
      boolean code = names.stream().anyMatch(n -> !n.matches("[a-z]+"));
      // So does one that begins or ends where another goes on.
      boolean half = template.matches("[ ,;:)].*|.*[ ,;(]");
      if (touch
          || code
          || half
          || holes != call.getArguments().size() - 1
          || names.size() != holes) {
        unfilled.add(at(call));
      }
    }

    @Override
    public Void visitMethodInvocation(MethodInvocationTree call, Void nothing) {
      mixed(call);
      List<? extends ExpressionTree> args = call.getArguments();
      if (call.getMethodSelect().toString().equals("Text.of")) {
        templates(args.get(0)).forEach(t -> filled(t, call));
      }
      return super.visitMethodInvocation(call, nothing);
    }
  }
}
