package roughcut.memo;

import java.util.AbstractMap;
import java.util.Map;
import java.util.Set;

/** A map that tells what it is asked for; it can't be changed. */
public final class RecordingMap<V> extends AbstractMap<String, V> {
  private final Map<String, V> map;
  private final QuestionListener questions;

  public RecordingMap(Map<String, V> map, QuestionListener questions) {
    this.map = map;
    this.questions = questions;
  }

  @Override
  public V get(Object key) {
    questions.asked((String) key);
    return map.get(key);
  }

  @Override
  public V getOrDefault(Object key, V otherwise) {
    questions.asked((String) key);
    return map.getOrDefault(key, otherwise);
  }

  @Override
  public boolean containsKey(Object key) {
    questions.asked((String) key);
    return map.containsKey(key);
  }

  @Override
  public Set<Entry<String, V>> entrySet() {
    questions.everything();
    return map.entrySet();
  }
}
