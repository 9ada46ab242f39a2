package roughcut.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.BinaryTree;
import com.sun.source.tree.CaseTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.InstanceOfTree;
import com.sun.source.tree.MemberReferenceTree;
import com.sun.source.tree.MemberSelectTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.SwitchExpressionTree;
import com.sun.source.tree.SwitchTree;
import com.sun.source.tree.Tree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreePath;
import com.sun.source.util.TreePathScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.ExecutableElement;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * What is forgotten doesn't compile: ways that makers disagree, types of fittings, steps of a blank
 * and kinds of marks, values and solids are told apart only where each of them has to be answered
 * for.
 */
class ForgottenTest {
  private static final String CHOICE = "roughcut.design.Choice";

  /** Two by nature: there is no third face, and no third answer to yes or no. */
  private static final Set<String> TWO = Set.of("YesNo", "BodyFace");

  /** Told apart by properties that every one of them has, and is made with. */
  private static final Set<String> PROPERTIES = Set.of("HalfArrangement", "RodReach");

  private static final Set<String> ALSO =
      Set.of(
          "roughcut.design.FittingType",
          "roughcut.design.BlankStep.Kind",
          "roughcut.measure.Origin");

  private static List<String> found;

  @BeforeAll
  static void readTheSources() throws IOException {
    JavacTask task = Compiling.task(Compiling.sources(), d -> {});
    Iterable<? extends CompilationUnitTree> units = task.parse();
    task.analyze();
    Finder finder = new Finder(Trees.instance(task));
    for (CompilationUnitTree unit : units) {
      finder.unit = unit;
      finder.scan(unit, null);
    }
    found = finder.found;
    assertThat(finder.guarded).isGreaterThan(100);
  }

  @Test
  void nobodyAsksForOneCaseOnly() {
    assertThat(found).filteredOn(f -> f.startsWith("compared")).isEmpty();
  }

  @Test
  void everySwitchHasEachCase() {
    assertThat(found).filteredOn(f -> f.startsWith("switch")).isEmpty();
  }

  @Test
  void noChoiceHidesItsCasesBehindYesAndNo() {
    assertThat(found).filteredOn(f -> f.startsWith("boolean")).isEmpty();
  }

  @Test
  void sealedTypesAreFolded() {
    assertThat(found).filteredOn(f -> f.startsWith("instanceof")).isEmpty();
  }

  private static final class Finder extends TreePathScanner<Void, Void> {
    private final Trees trees;
    private final List<String> found = new ArrayList<>();
    private CompilationUnitTree unit;
    private int guarded;

    Finder(Trees trees) {
      this.trees = trees;
    }

    private void add(String what, Tree at) {
      String file = unit.getSourceFile().getName().replace('\\', '/');
      long line =
          unit.getLineMap().getLineNumber(trees.getSourcePositions().getStartPosition(unit, at));
      found.add(what + " " + file.substring(file.indexOf("/roughcut/") + 10) + ":" + line);
    }

    private boolean inDesign() {
      return unit.getPackageName().toString().equals("roughcut.design");
    }

    /** The element of an expression's type, or null. */
    private TypeElement type(ExpressionTree tree) {
      TypeMirror type = trees.getTypeMirror(new TreePath(getCurrentPath(), tree));
      return type != null && type.getKind() == TypeKind.DECLARED
          ? (TypeElement) ((DeclaredType) type).asElement()
          : null;
    }

    private static boolean guards(TypeElement type) {
      return type != null
          && type.getKind() == ElementKind.ENUM
          && !TWO.contains(type.getSimpleName().toString())
          && (ALSO.contains(type.getQualifiedName().toString())
              || type.getInterfaces().stream().anyMatch(i -> i.toString().equals(CHOICE)));
    }

    private boolean constant(ExpressionTree tree) {
      Element named = trees.getElement(new TreePath(getCurrentPath(), tree));
      return named != null
          && named.getKind() == ElementKind.ENUM_CONSTANT
          && guards((TypeElement) named.getEnclosingElement());
    }

    @Override
    public Void visitBinary(BinaryTree tree, Void none) {
      boolean equals =
          tree.getKind() == Tree.Kind.EQUAL_TO || tree.getKind() == Tree.Kind.NOT_EQUAL_TO;
      if (equals
          && !inDesign()
          && (constant(tree.getLeftOperand()) || constant(tree.getRightOperand()))) {
        add("compared", tree);
      }
      return super.visitBinary(tree, none);
    }

    @Override
    public Void visitSwitch(SwitchTree tree, Void none) {
      if (guards(selector(tree.getExpression()))) {
        add("switch statement", tree);
      }
      return super.visitSwitch(tree, none);
    }

    @Override
    public Void visitSwitchExpression(SwitchExpressionTree tree, Void none) {
      if (guards(selector(tree.getExpression()))) {
        guarded++;
        if (tree.getCases().stream().anyMatch(Finder::unnamed)) {
          add("switch with a default", tree);
        }
      }
      return super.visitSwitchExpression(tree, none);
    }

    private TypeElement selector(ExpressionTree tree) {
      return type(((com.sun.source.tree.ParenthesizedTree) tree).getExpression());
    }

    private static boolean unnamed(CaseTree one) {
      return one.getExpressions().isEmpty();
    }

    @Override
    public Void visitInstanceOf(InstanceOfTree tree, Void none) {
      Tree tested = tree.getType() == null ? tree.getPattern() : tree.getType();
      Element element = trees.getElement(new TreePath(getCurrentPath(), tested));
      if (element instanceof TypeElement type && !inEquals() && sealed(type)) {
        add("instanceof " + type.getSimpleName(), tree);
      }
      return super.visitInstanceOf(tree, none);
    }

    @Override
    public Void visitMemberReference(MemberReferenceTree tree, Void none) {
      if (tree.getName().contentEquals("isInstance")
          && tree.getQualifierExpression() instanceof MemberSelectTree literal
          && trees.getElement(new TreePath(getCurrentPath(), literal.getExpression()))
              instanceof TypeElement type
          && sealed(type)) {
        add("instanceof " + type.getSimpleName(), tree);
      }
      return super.visitMemberReference(tree, none);
    }

    /** Whether it is one of the cases of a sealed type of ours. */
    private static boolean sealed(TypeElement type) {
      return type.getInterfaces().stream()
          .map(i -> (TypeElement) ((DeclaredType) i).asElement())
          .anyMatch(
              i ->
                  i.getModifiers().contains(Modifier.SEALED)
                      && i.getQualifiedName().toString().startsWith("roughcut."));
    }

    private boolean inEquals() {
      for (TreePath p = getCurrentPath(); p != null; p = p.getParentPath()) {
        if (p.getLeaf() instanceof MethodTree method) {
          return method.getName().contentEquals("equals");
        }
      }
      return false;
    }

    @Override
    public Void visitMethod(MethodTree tree, Void none) {
      ExecutableElement method = (ExecutableElement) trees.getElement(getCurrentPath());
      TypeElement owner = (TypeElement) method.getEnclosingElement();
      if (method.getReturnType().getKind() == TypeKind.BOOLEAN
          && method.getModifiers().contains(Modifier.PUBLIC)
          && !method.getModifiers().contains(Modifier.STATIC)
          && method.getParameters().isEmpty()
          && guards(owner)
          && !PROPERTIES.contains(owner.getSimpleName().toString())) {
        add("boolean " + owner.getSimpleName() + "." + method.getSimpleName(), tree);
      }
      return super.visitMethod(tree, none);
    }
  }
}
