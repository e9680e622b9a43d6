package pandel.desktop.links.sentence;

import java.util.Optional;
import java.util.OptionalInt;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.SeparatorMenuItem;
import pandel.core.edit.link.LinkEdits;
import pandel.core.model.link.Link;
import pandel.core.model.link.Takes;
import pandel.core.play.words.LinkWords;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** The time a link takes before it does anything, as a word of its sentence. */
final class TakesChoice {

    /** ms offered first. */
    private static final int USUAL = 1500;

    private final Work work;
    private final DeskRequests desk;
    private final Runnable refresh;

    TakesChoice(Work work, DeskRequests desk, Runnable refresh) {
        this.work = work;
        this.desk = desk;
        this.refresh = refresh;
    }

    /** The word; it opens beneath itself. */
    Choice of(Link link) {
        Choice choice = new Choice(LinkWords.takes(link), "", "choice-takes");
        return choice.on(() -> menu(link, choice).show(choice, Side.TOP, 0, -2));
    }

    private ContextMenu menu(Link link, Choice choice) {
        Takes takes = link.takes().orElseThrow();
        ContextMenu menu = new ContextMenu(
                Buttons.item(
                        "Until the work is done",
                        "takes-done",
                        () -> put(link, "let it work until that is done", takes.withMs(OptionalInt.empty()))),
                Buttons.item("A time…", "takes-ms", () -> type(link, choice)),
                new SeparatorMenuItem(),
                Buttons.choice(
                        "Device back gives it up",
                        "takes-given-up",
                        takes.givenUp(),
                        () -> put(link, "let device back give work up", takes.withGivenUp(true))),
                Buttons.choice(
                        "Device back does nothing meanwhile",
                        "takes-kept-up",
                        !takes.givenUp(),
                        () -> put(link, "let work not be given up", takes.withGivenUp(false))),
                new SeparatorMenuItem());
        for (Takes.Sign sign : Takes.Sign.values()) {
            menu.getItems()
                    .add(Buttons.choice(
                            switch (sign) {
                                case MIDDLE -> "A busy sign in the middle";
                                case TOUCHED -> "A busy sign on what was touched";
                                case PLACED -> "A busy sign at a place of its own…";
                                case NONE -> "No busy sign: the picture says it";
                            },
                            "takes-sign-" + sign.word(),
                            takes.sign() == sign,
                            () -> {
                                if (sign == Takes.Sign.PLACED) {
                                    desk.busySign(link);
                                } else {
                                    put(link, "place a busy sign", takes.withSign(sign));
                                }
                            }));
        }
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        Buttons.item(
                                "It takes no time",
                                "takes-none",
                                () -> work.edit(LinkEdits.change(
                                        "let a link take no time", link.withTakes(Optional.empty())))));
        return menu;
    }

    private void type(Link link, Choice choice) {
        Takes takes = link.takes().orElseThrow();
        choice.typeMs(
                takes.ms().orElse(USUAL),
                "What takes time takes",
                desk::say,
                ms -> put(link, "let a link take time", takes.withMs(OptionalInt.of(ms))),
                refresh);
    }

    private void put(Link link, String name, Takes takes) {
        work.edit(LinkEdits.change(name, link.withTakes(Optional.of(takes))));
    }
}
