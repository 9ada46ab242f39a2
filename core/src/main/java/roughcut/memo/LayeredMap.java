package roughcut.memo;

import java.util.AbstractMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** A map with some of its values in the place of others', without a copy of all of them. */
public final class LayeredMap<V> extends AbstractMap<String, V> {
  private final Map<String, V> over;
  private final Map<String, V> under;

  /**
   * Lays one over another.
   *
   * @param over looked up first
   */
  public LayeredMap(Map<String, V> over, Map<String, V> under) {
    this.over = over;
    this.under = under;
  }

  @Override
  public V get(Object key) {
    V value = over.get(key);
    return value == null ? under.get(key) : value;
  }

  @Override
  public V getOrDefault(Object key, V otherwise) {
    V value = over.get(key);
    return value == null ? under.getOrDefault(key, otherwise) : value;
  }

  @Override
  public boolean containsKey(Object key) {
    return over.containsKey(key) || under.containsKey(key);
  }

  @Override
  public Set<Entry<String, V>> entrySet() {
    Map<String, V> all = new HashMap<>(under);
    all.putAll(over);
    return Map.copyOf(all).entrySet();
  }
}
