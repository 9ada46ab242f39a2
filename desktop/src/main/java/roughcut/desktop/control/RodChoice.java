package roughcut.desktop.control;

import static roughcut.desktop.words.Words.say;

import javafx.scene.layout.VBox;
import roughcut.design.RodSizes;
import roughcut.desktop.session.Session;
import roughcut.shop.RodBook;
import roughcut.shop.RodKind;

/** A truss rod of the book: picking one sets the channel's decisions to its listed sizes. */
public final class RodChoice extends VBox {
  public RodChoice(Session session) {
    PickField<RodKind> kinds =
        new PickField<>(
            "rod.kind",
            say("Rod"),
            RodKind::name,
            kind -> {
              session.make(
                  say("truss rod"), "rod.kind", b -> b.withDesign(RodSizes.set(b.design(), kind)));
              session.history().settle();
            });
    kinds.show(RodBook.all(), null);
    session
        .build()
        .addListener(
            (p, was, is) -> kinds.show(RodBook.all(), RodSizes.matching(is.design()).orElse(null)));
    kinds.show(RodBook.all(), RodSizes.matching(session.build().get().design()).orElse(null));
    getChildren().add(kinds);
  }
}
