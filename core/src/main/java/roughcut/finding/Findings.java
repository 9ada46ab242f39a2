package roughcut.finding;

import java.util.ArrayList;
import java.util.List;
import roughcut.finding.Finding.Severity;

/** Gathers what is found about one topic. */
public final class Findings {
  private final Topic topic;
  private final List<Finding> all = new ArrayList<>();

  public Findings(Topic topic) {
    this.topic = topic;
  }

  public void impossible(String where, Message message) {
    add(new Finding(Severity.IMPOSSIBLE, topic, where, message));
  }

  /** What stops, beside no field. */
  public void stop(Message message) {
    stop("", message);
  }

  public void stop(String where, Message message) {
    add(new Finding(Severity.STOP, topic, where, message));
  }

  /** What has to be there first: wood, a tool. */
  public void get(Message message) {
    get("", message);
  }

  public void get(String where, Message message) {
    add(new Finding(Severity.GET, topic, where, message));
  }

  /** What wants a look, beside no field. */
  public void look(Message message) {
    look("", message);
  }

  public void look(String where, Message message) {
    add(new Finding(Severity.LOOK, topic, where, message));
  }

  /** What stops, or else what only wants a look. */
  public void add(boolean stops, Message message) {
    if (stops) {
      stop(message);
    } else {
      look(message);
    }
  }

  /** One matter is told once, however often it is met. */
  private void add(Finding finding) {
    if (!all.contains(finding)) {
      all.add(finding);
    }
  }

  /** The worst first, otherwise as they were found. */
  public List<Finding> list() {
    return Finding.sorted(all);
  }
}
