package roughcut.mutants;

import com.sun.source.tree.AnnotationTree;
import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.IfTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.Tree.Kind;
import com.sun.source.tree.UnaryTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.ToolProvider;

/**
 * Finds everything in a source that can be broken by changing one sign: constants, comparisons,
 * arithmetic, signs, conditions, and which of two is taken.
 */
final class Breaker {
  private static final Map<Kind, List<String>> SIGNS =
      Map.ofEntries(
          Map.entry(Kind.PLUS, List.of("+", "-")),
          Map.entry(Kind.MINUS, List.of("-", "+")),
          Map.entry(Kind.MULTIPLY, List.of("*", "/")),
          Map.entry(Kind.DIVIDE, List.of("/", "*")),
          Map.entry(Kind.LESS_THAN, List.of("<", ">=")),
          Map.entry(Kind.LESS_THAN_EQUAL, List.of("<=", ">")),
          Map.entry(Kind.GREATER_THAN, List.of(">", "<=")),
          Map.entry(Kind.GREATER_THAN_EQUAL, List.of(">=", "<")),
          Map.entry(Kind.EQUAL_TO, List.of("==", "!=")),
          Map.entry(Kind.NOT_EQUAL_TO, List.of("!=", "==")),
          Map.entry(Kind.CONDITIONAL_AND, List.of("&&", "||")),
          Map.entry(Kind.CONDITIONAL_OR, List.of("||", "&&")));

  private static final Map<String, String> OTHERS =
      Map.of(
          "min",
          "max",
          "max",
          "min",
          "floor",
          "ceil",
          "ceil",
          "floor",
          "sin",
          "cos",
          "cos",
          "sin",
          "anyMatch",
          "allMatch",
          "allMatch",
          "anyMatch");

  private final String file;
  private final String source;

  private Breaker(String file, String source) {
    this.file = file;
    this.source = source;
  }

  /** A source held in memory, for the compiler. */
  static JavaFileObject held(String path, String source) {
    return new SimpleJavaFileObject(URI.create("string:///" + path), JavaFileObject.Kind.SOURCE) {
      @Override
      public CharSequence getCharContent(boolean ignoreErrors) {
        return source;
      }
    };
  }

  /** Every way to break this source, in the order of its lines. */
  static List<Mutant> of(String file, String source) throws IOException {
    return new Breaker(file, source).all();
  }

  private List<Mutant> all() throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    JavacTask task =
        (JavacTask)
            compiler.getTask(null, null, null, List.of(), null, List.of(held(file, source)));
    CompilationUnitTree unit = task.parse().iterator().next();
    SourcePositions places = Trees.instance(task).getSourcePositions();
    List<Mutant> found = new ArrayList<>();
    new TreeScanner<Void, Void>() {
      private int from(Tree tree) {
        return (int) places.getStartPosition(unit, tree);
      }

      private int to(Tree tree) {
        return (int) places.getEndPosition(unit, tree);
      }

      private void put(Tree shown, int from, int to, String instead) {
        String broken = source.substring(0, from) + instead + source.substring(to);
        long line = unit.getLineMap().getLineNumber(from);
        String was = flat(source.substring(from(shown), to(shown)));
        String is =
            flat(source.substring(from(shown), from) + instead + source.substring(to, to(shown)));
        found.add(new Mutant(file, line, "“" + was + "” → “" + is + "”", broken));
      }

      @Override
      public Void visitAnnotation(AnnotationTree tree, Void nothing) {
        return null;
      }

      /** What only tells of an object isn't computation. */
      @Override
      public Void visitMethod(MethodTree tree, Void nothing) {
        String name = tree.getName().toString();
        return name.equals("toString") || name.equals("hashCode")
            ? null
            : super.visitMethod(tree, nothing);
      }

      @Override
      public Void visitBinary(BinaryTree tree, Void nothing) {
        List<String> sign = SIGNS.get(tree.getKind());
        if (sign != null && !text(tree)) {
          int end = to(tree.getLeftOperand());
          int at = source.indexOf(sign.get(0), end);
          // Between the two stand at most blanks, brackets and a remark.
          if (at >= 0 && at < from(tree.getRightOperand())) {
            put(tree, at, at + sign.get(0).length(), sign.get(1));
          }
        }
        return super.visitBinary(tree, nothing);
      }

      private boolean text(Tree tree) {
        if (tree instanceof LiteralTree literal) {
          return literal.getValue() instanceof String;
        }
        return tree.getKind() == Kind.PLUS
            && tree instanceof BinaryTree sum
            && (text(sum.getLeftOperand()) || text(sum.getRightOperand()));
      }

      @Override
      public Void visitLiteral(LiteralTree tree, Void nothing) {
        if (tree.getValue() instanceof Integer whole) {
          put(tree, from(tree), to(tree), String.valueOf(whole + 1));
        } else if (tree.getValue() instanceof Double number) {
          put(tree, from(tree), to(tree), String.valueOf(number == 0 ? 1 : number * 1.02));
        } else if (tree.getValue() instanceof Boolean yes) {
          put(tree, from(tree), to(tree), String.valueOf(!yes));
        }
        return null;
      }

      @Override
      public Void visitUnary(UnaryTree tree, Void nothing) {
        if (tree.getKind() == Kind.UNARY_MINUS || tree.getKind() == Kind.LOGICAL_COMPLEMENT) {
          put(tree, from(tree), from(tree) + 1, "");
        }
        return super.visitUnary(tree, nothing);
      }

      @Override
      public Void visitIf(IfTree tree, Void nothing) {
        Tree asked = tree.getCondition();
        if (!asked.toString().contains(" instanceof ")) {
          put(asked, from(asked), to(asked), "(false)");
        }
        return super.visitIf(tree, nothing);
      }

      @Override
      public Void visitMethodInvocation(MethodInvocationTree tree, Void nothing) {
        Tree called = tree.getMethodSelect();
        String name = called.toString().substring(called.toString().lastIndexOf('.') + 1);
        if (OTHERS.containsKey(name) && called.getKind() == Kind.MEMBER_SELECT) {
          put(tree, to(called) - name.length(), to(called), OTHERS.get(name));
        }
        return super.visitMethodInvocation(tree, nothing);
      }
    }.scan(unit, null);
    return found;
  }

  private static String flat(String code) {
    String line = code.replaceAll("\\s+", " ");
    return line.length() > 110 ? line.substring(0, 107) + "…" : line;
  }
}
