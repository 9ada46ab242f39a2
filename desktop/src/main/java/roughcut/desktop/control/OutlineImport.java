package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import java.io.File;
import java.nio.file.Path;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import roughcut.design.Decisions;
import roughcut.design.Design;
import roughcut.design.DrawnOutline;
import roughcut.design.DrawnPart;
import roughcut.desktop.session.Session;
import roughcut.desktop.words.Words;
import roughcut.file.FileException;
import roughcut.file.OutlineFile;

/** Takes in a part's outline that was drawn elsewhere, or goes back to the program's own curve. */
public final class OutlineImport extends VBox {
  private final Session session;
  private final String id;
  private final DrawnPart part;
  private final BiFunction<Design, DrawnOutline, Design> with;
  private final Button own = new Button();
  private final Label said = new Label();

  /**
   * Makes one.
   *
   * @param id what its controls are called, before “.take”, “.own” and “.said”
   * @param back what the way back is called
   * @param undone what undo calls it
   * @param with the design with an outline taken in
   * @param without the design with the program's own curve
   */
  public OutlineImport(
      Session session,
      String id,
      DrawnPart part,
      String back,
      String undone,
      BiFunction<Design, DrawnOutline, Design> with,
      UnaryOperator<Design> without) {
    super(4);
    this.session = session;
    this.id = id;
    this.part = part;
    this.with = with;
    Button take = new Button(say("Import outline …"));
    ControlNames.set(take, id + ".take");
    take.getStyleClass().add("text-button");
    take.setOnAction(e -> choose());
    own.setText(back);
    ControlNames.set(own, id + ".own");
    own.getStyleClass().add("text-button");
    own.setOnAction(
        e -> {
          edit(undone, id + ".own", without);
          said.setText("");
        });
    ControlNames.set(said, id + ".said");
    said.setWrapText(true);
    said.getStyleClass().add("panel-text");
    getChildren().addAll(take, own, said);
  }

  /** Shows the way back where there is one. */
  public void show(Design design) {
    boolean drawn = design.drawn(part).isPresent();
    own.setVisible(drawn);
    own.setManaged(drawn);
    said.setManaged(!said.getText().isEmpty());
  }

  private void edit(String words, String merge, UnaryOperator<Design> change) {
    session.make(words, merge, b -> b.withDesign(change.apply(b.design())));
    session.history().settle();
  }

  /** Asks for a drawing, and takes it in. */
  public void choose() {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(say("Outline"));
    chooser
        .getExtensionFilters()
        .add(new FileChooser.ExtensionFilter(say("Drawings"), "*.svg", "*.dxf", "*.SVG", "*.DXF"));
    File file = chooser.showOpenDialog(getScene().getWindow());
    if (file != null) {
      take(file.toPath());
    }
  }

  /** Takes in a drawn outline, and says what it is taken for, or why it isn't. */
  public void take(Path file) {
    try {
      OutlineFile read = OutlineFile.read(file, part);
      edit(
          say("importing {file}", file.getFileName()),
          id + ".drawn",
          d -> with.apply(d, read.outline().drawnFor(Decisions.HAND.in(d))));
      said.setText(read.said().in(session.units().get()));
    } catch (FileException e) {
      said.setText(Words.why(e, session.units().get()));
    }
    said.setManaged(true);
  }
}
