package roughcut.finding;

import java.util.ArrayList;
import java.util.List;
import roughcut.finding.Finding.Severity;
import roughcut.measure.Text;

/** Gathers what is found about one topic. */
public final class Findings {
  private final Topic topic;
  private final List<Finding> all = new ArrayList<>();

  public Findings(Topic topic) {
    this.topic = topic;
  }

  public void impossible(String where, Text words) {
    all.add(new Finding(Severity.IMPOSSIBLE, topic, where, words));
  }

  /** What stops, beside no field. */
  public void stop(Text words) {
    stop("", words);
  }

  public void stop(String where, Text words) {
    all.add(new Finding(Severity.STOP, topic, where, words));
  }

  /** What has to be there first: wood, a tool. */
  public void get(Text words) {
    get("", words);
  }

  public void get(String where, Text words) {
    all.add(new Finding(Severity.GET, topic, where, words));
  }

  /** What wants a look, beside no field. */
  public void look(Text words) {
    look("", words);
  }

  public void look(String where, Text words) {
    all.add(new Finding(Severity.LOOK, topic, where, words));
  }

  /** What stops, or else what only wants a look. */
  public void add(boolean stops, Text words) {
    if (stops) {
      stop(words);
    } else {
      look(words);
    }
  }

  /** The worst first, otherwise as they were found. */
  public List<Finding> list() {
    return Finding.sorted(all);
  }
}
