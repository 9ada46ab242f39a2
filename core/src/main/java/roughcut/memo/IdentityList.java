package roughcut.memo;

import java.util.List;

/** Things in their order, alike only where they are the same objects. */
public record IdentityList(List<?> things) {
  public IdentityList {
    things = List.copyOf(things);
  }

  @Override
  public boolean equals(Object other) {
    if (!(other instanceof IdentityList same) || same.things.size() != things.size()) {
      return false;
    }
    for (int i = 0; i < things.size(); i++) {
      if (things.get(i) != same.things.get(i)) {
        return false;
      }
    }
    return true;
  }

  @Override
  public int hashCode() {
    return things.size();
  }
}
