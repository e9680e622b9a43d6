package pandel.desktop.links;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import pandel.core.edit.screen.StateEdits;
import pandel.core.edit.value.Carrying;
import pandel.core.edit.value.SourceWords;
import pandel.core.model.screen.Area;
import pandel.core.model.screen.Patch;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Value;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** What a screen expects to be given, and the words laid on its picture that show it. */
final class ValuesPage extends PageBox {

    private final Work work;
    private final String screen;
    private final Consumer<String> say;

    ValuesPage(Work work, String screen, Consumer<String> say, Runnable leave) {
        super(
                "Values of “"
                        + work.prototype()
                                .screen(screen)
                                .map(Screen::shownTitle)
                                .orElse("") + "”",
                "What links bring along when they lead here. Words laid on the picture show a value where its "
                        + "name stands in braces: Due on {date}.",
                leave);
        this.work = work;
        this.screen = screen;
        this.say = say;
        fill();
    }

    private Screen now() {
        return work.prototype().screen(screen).orElseThrow();
    }

    private void fill() {
        clear();
        heading("It expects");
        if (now().expects().isEmpty()) {
            sentence("Nothing yet. Type a name, and each link that leads here asks what it brings.");
        } else {
            row(
                    label("Name", 140, "quiet", "small"),
                    label("Is", 190, "quiet", "small"),
                    label("Unless said", 120, "quiet", "small"),
                    label("", 140));
        }
        for (Expected value : now().expects()) {
            expected(value);
        }
        TextField fresh = field("value-new", "Name of one more value", "", 140, this::add);
        fresh.setPromptText("a name");
        row(fresh, label("press Enter to add it", 190, "quiet", "small"));
        heading("Words laid on the picture");
        picture().ifPresentOrElse(this::patches, () -> sentence("It has no picture yet for this width."));
    }

    private void expected(Expected value) {
        TextField name =
                field("value-name-" + value.name(), "Name of the value " + value.name(), value.name(), 140, typed -> {
                    if (!typed.isEmpty() && !typed.equals(value.name()) && isFree(typed)) {
                        change(() -> work.edit(Carrying.rename(now(), value.name(), typed)));
                    }
                });
        TextField kind = field(
                "value-kind-" + value.name(),
                "What “" + value.name() + "” is",
                kind(value),
                190,
                typed -> kind(value, typed));
        kind.setTooltip(new Tooltip("text, number, yes/no, or some words: gold, silver"));
        TextField unless = field(
                "value-default-" + value.name(),
                "What “" + value.name() + "” is unless said",
                value.fallback().map(Value::shown).orElse(""),
                120,
                typed -> fallback(value, typed));
        unless.setPromptText("nothing");
        ChoiceButton required = ChoiceButton.either(
                "value-required-" + value.name(),
                140,
                "Whether “" + value.name() + "” has to be there",
                value.required(),
                "must be brought",
                "can be left out",
                must -> put(value.withRequired(must)));
        row(
                name,
                kind,
                unless,
                required,
                Buttons.smallWord(
                        "Remove",
                        "value-remove-" + value.name(),
                        () -> change(() -> work.edit(Carrying.expectNoMore(now(), value.name())))));
    }

    private boolean isFree(String name) {
        boolean taken = now().expects().stream().anyMatch(e -> e.name().equals(name));
        if (taken) {
            say.accept("“" + name + "” is expected already.");
        }
        return !taken;
    }

    private void add(String typed) {
        if (typed.matches(".*[{}].*") || typed.length() > 60) {
            say.accept("A value has a name of 1 to 60 letters without braces; “" + typed + "” is none.");
        } else if (!typed.isEmpty() && isFree(typed)) {
            put(Expected.text(typed));
        }
    }

    private static String kind(Expected value) {
        return value.kind() == Expected.Kind.ONE_OF
                ? String.join(", ", value.words())
                : value.kind().word();
    }

    private void kind(Expected value, String typed) {
        List<String> words = Arrays.stream(typed.split(","))
                .map(String::strip)
                .filter(w -> !w.isEmpty())
                .distinct()
                .toList();
        Optional<Expected.Kind> named = Arrays.stream(Expected.Kind.values())
                .filter(k -> k != Expected.Kind.ONE_OF && k.word().equalsIgnoreCase(typed))
                .findFirst();
        if (named.isPresent()) {
            put(value.withKind(named.get(), List.of()));
        } else if (words.size() > 1) {
            put(value.withKind(Expected.Kind.ONE_OF, words));
        } else {
            say.accept("A value is a text, a number, yes/no, or one of some words: gold, silver. “" + typed
                    + "” is none of these.");
            fill();
        }
    }

    private void fallback(Expected value, String typed) {
        Optional<Value> taken = typed.isEmpty() ? Optional.empty() : value.take(SourceWords.value(typed));
        if (!typed.isEmpty() && taken.isEmpty()) {
            say.accept("“" + typed + "” is not what “" + value.name() + "” takes: it is " + kind(value) + ".");
            fill();
        } else {
            put(value.withFallback(taken));
        }
    }

    private void put(Expected value) {
        change(() -> work.edit(Carrying.expect(now(), value)));
    }

    private void change(Runnable edit) {
        edit.run();
        fill();
    }

    private Optional<Picture> picture() {
        return now().mockFor(work.width()).filter(Picture.class::isInstance).map(Picture.class::cast);
    }

    private void patches(Picture picture) {
        if (picture.patches().isEmpty()) {
            sentence("None yet. They lie over what the picture shows, with a ground and an ink of their own.");
        } else {
            row(
                    label("Words", 200, "quiet", "small"),
                    label("Left, top, width, height", 150, "quiet", "small"),
                    label("Ground", 80, "quiet", "small"),
                    label("Ink", 80, "quiet", "small"),
                    label("Size", 50, "quiet", "small"));
        }
        for (int i = 0; i < picture.patches().size(); i++) {
            patch(picture, i);
        }
        row(Buttons.smallWord(
                "Lay words on it",
                "patch-add",
                () -> put(
                        picture,
                        picture.patches().size(),
                        Optional.of(new Patch(
                                new Area(
                                        Math.rint(picture.width() * 0.1),
                                        Math.rint(picture.height() * 0.12),
                                        Math.rint(picture.width() * 0.6),
                                        28),
                                "#ffffff",
                                "#222222",
                                now().expects().isEmpty()
                                        ? "Words"
                                        : "{" + now().expects().getFirst().name() + "}",
                                18)))));
    }

    private void patch(Picture picture, int at) {
        Patch p = picture.patches().get(at);
        row(
                field(
                        "patch-words-" + at,
                        "Words",
                        p.words(),
                        200,
                        typed -> put(picture, at, Optional.of(p.withWords(typed)))),
                field(
                        "patch-area-" + at,
                        "Left, top, width, height in px",
                        area(p.area()),
                        150,
                        typed -> area(picture, at, typed)),
                field(
                        "patch-ground-" + at,
                        "Ground",
                        p.ground(),
                        80,
                        typed -> made(picture, at, typed, p.ink(), p.size())),
                field("patch-ink-" + at, "Ink", p.ink(), 80, typed -> made(picture, at, p.ground(), typed, p.size())),
                field(
                        "patch-size-" + at,
                        "Size",
                        String.valueOf(Math.round(p.size())),
                        50,
                        typed -> made(
                                picture,
                                at,
                                p.ground(),
                                p.ink(),
                                typed.matches("\\d{1,3}") ? Integer.parseInt(typed) : 0)),
                ChoiceButton.either(
                        "patch-centred-" + at,
                        100,
                        "Where the words stand in it",
                        p.centred(),
                        "centred",
                        "at the left",
                        centred -> put(picture, at, Optional.of(p.withCentred(centred)))),
                Buttons.smallWord("Remove", "patch-remove-" + at, () -> put(picture, at, Optional.empty())));
    }

    private static String area(Area a) {
        return Math.round(a.x()) + ", " + Math.round(a.y()) + ", " + Math.round(a.width()) + ", "
                + Math.round(a.height());
    }

    private void area(Picture picture, int at, String typed) {
        String[] px = typed.split("[ ,]+");
        if (px.length != 4
                || !Arrays.stream(px).allMatch(n -> n.matches("\\d{1,5}"))
                || px[2].matches("0+")
                || px[3].matches("0+")) {
            say.accept("Say four whole numbers of px: left, top, width and height. “" + typed + "” is not that.");
            fill();
            return;
        }
        double[] n = Arrays.stream(px).mapToDouble(Double::parseDouble).toArray();
        put(picture, at, Optional.of(picture.patches().get(at).withArea(new Area(n[0], n[1], n[2], n[3]))));
    }

    private void made(Picture picture, int at, String ground, String ink, double size) {
        Patch p = picture.patches().get(at);
        try {
            put(picture, at, Optional.of(new Patch(p.area(), ground, ink, p.words(), size, p.centred())));
        } catch (IllegalArgumentException e) {
            say.accept(e.getMessage() + ".");
            fill();
        }
    }

    /** @param patch empty: it goes */
    private void put(Picture picture, int at, Optional<Patch> patch) {
        List<Patch> all = new ArrayList<>(picture.patches());
        if (at < all.size()) {
            all.remove(at);
        }
        patch.ifPresent(p -> all.add(at, p));
        if (!all.equals(picture.patches())) {
            change(() -> work.edit(StateEdits.lay(now(), picture, all)));
        }
    }
}
