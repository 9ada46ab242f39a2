package roughcut.desktop.control;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;

/**
 * What a control is called, to be gone to and found by. Not the toolkit's own id: that takes part
 * in styling, and every node with another one has the whole theme's rules matched for it anew.
 */
public final class ControlNames {
  private ControlNames() {}

  public static void set(Node node, String id) {
    node.getProperties().put(ControlNames.class, id);
  }

  /** Its id; empty where it has none. */
  public static String of(Node node) {
    return node.hasProperties() && node.getProperties().get(ControlNames.class) instanceof String id
        ? id
        : "";
  }

  /** Whether it is called so. */
  public static boolean is(Node node, String id) {
    return of(node).equals(id);
  }

  /** The first that is called so among a node and all that it holds. */
  public static Optional<Node> find(Node in, String id) {
    if (is(in, id)) {
      return Optional.of(in);
    }
    return in instanceof Parent parent
        ? parent.getChildrenUnmodifiable().stream().flatMap(n -> find(n, id).stream()).findFirst()
        : Optional.empty();
  }
}
