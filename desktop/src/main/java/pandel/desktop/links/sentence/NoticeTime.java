package pandel.desktop.links.sentence;

import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import pandel.core.model.link.Effect;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;

/** How long a notice stands, as a word of a sentence. */
final class NoticeTime {

    private static final int[] OFFERED = {2000, Effect.Notice.USUAL_MS, 8000};

    private NoticeTime() {}

    static Choice of(Effect.Notice now, String id, DeskRequests desk, Runnable refresh, Consumer<Effect> then) {
        Choice choice =
                new Choice(now.ms() == 0 ? "until it is touched" : "for " + LinkWords.seconds(now.ms()), "soft", id);
        return choice.on(() -> {
            ContextMenu menu = new ContextMenu();
            IntStream.of(OFFERED)
                    .forEach(ms -> menu.getItems()
                            .add(Buttons.item(
                                    "For " + LinkWords.seconds(ms),
                                    "notice-" + ms,
                                    () -> then.accept(now.withMs(ms)))));
            menu.getItems()
                    .addAll(
                            Buttons.item("Another time…", "notice-ms", () -> type(choice, now, desk, refresh, then)),
                            Buttons.item("Until it is touched", "notice-touched", () -> then.accept(now.withMs(0))));
            menu.show(choice, Side.TOP, 0, -2);
        });
    }

    private static void type(
            Choice choice, Effect.Notice now, DeskRequests desk, Runnable refresh, Consumer<Effect> then) {
        choice.typeMs(
                now.ms() == 0 ? Effect.Notice.USUAL_MS : now.ms(),
                "A notice stands",
                desk::say,
                ms -> then.accept(now.withMs(ms)),
                refresh);
    }
}
