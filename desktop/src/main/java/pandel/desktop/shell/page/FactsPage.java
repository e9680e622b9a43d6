package pandel.desktop.shell.page;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import pandel.core.edit.value.FactEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Fact;
import pandel.core.play.words.LinkWords;
import pandel.desktop.shell.notice.Toast;
import pandel.desktop.stage.PageBox;
import pandel.desktop.theme.Buttons;
import pandel.desktop.theme.ChoiceButton;
import pandel.desktop.work.Work;

/** All facts: what each can hold, which links set it, which looks ask for it. */
final class FactsPage extends PageBox {

    private static final Pattern BOUNDS = Pattern.compile("(-?\\d{1,8})\\s*(?:to|–|-|\\s)\\s*(-?\\d{1,8})");

    private final Work work;
    private final Toast said;

    FactsPage(Work work, Toast said, Runnable leave) {
        super(
                "Facts",
                "What the prototype remembers while it is played. They are made while typing: a look that holds "
                        + "“while not signed in” on the desk, "
                        + "a link that remembers “signed in”.",
                leave);
        this.work = work;
        this.said = said;
        fill();
    }

    private void fill() {
        clear();
        if (work.prototype().facts().isEmpty()) {
            sentence("There are none yet. On the desk, choose “Another look, while something holds…”.");
        } else {
            row(
                    label("Name", 150, "quiet", "small"),
                    label("Holds", 170, "quiet", "small"),
                    label("Set by", 150, "quiet", "small"),
                    label("Asked for by", 150, "quiet", "small"));
        }
        for (Fact fact : work.prototype().facts()) {
            TextField name =
                    field("fact-" + fact.id(), "Name of the fact " + fact.title(), fact.title(), 150, typed -> {
                        if (!typed.equals(fact.title()) && !typed.isEmpty()) {
                            put(new Fact(fact.id(), typed, fact.kind(), fact.rest()));
                        }
                    });
            List<Way> setBy = FactEdits.setBy(work.prototype(), fact.id());
            List<Screen> askedBy = Stream.concat(
                            FactEdits.askedBy(work.prototype(), fact.id()).stream(),
                            FactEdits.linksAsking(work.prototype(), fact.id()).stream()
                                    .flatMap(w -> w.from().stream()))
                    .distinct()
                    .toList();
            // Tabs of a strip that is drawn on the pictures remember too, and are no links of their own.
            long setters = work.prototype()
                    .index()
                    .links()
                    .filter(l -> l.allRemembered().anyMatch(r -> r.fact().equals(fact.id())))
                    .count();
            Label sets = label(
                    setters == 0 ? "nothing yet" : setters == 1 ? "one link" : setters + " links",
                    150,
                    setters == 0 ? "trouble" : "plain-words");
            sets.setTooltip(new Tooltip(
                    setBy.isEmpty()
                            ? setters == 0 ? "No link remembers it" : "Choosing a tab remembers it"
                            : setBy.stream()
                                    .map(w -> LinkWords.described(work.prototype(), w))
                                    .collect(Collectors.joining("\n"))));
            Label asks = label(
                    askedBy.isEmpty()
                            ? "nothing yet"
                            : askedBy.stream().map(Screen::shownTitle).collect(Collectors.joining(", ")),
                    150,
                    askedBy.isEmpty() ? "trouble" : "plain-words");
            asks.setTooltip(new Tooltip(asks.getText()));
            row(
                    name,
                    switch (fact.kind()) {
                        case Fact.Kind.Number number -> bounds(fact, number);
                        case Fact.Kind.OneOf o -> wordsOrText(fact, o);
                        case Fact.Kind.Text t ->
                            wordsOrText(fact, new Fact.Kind.OneOf(FactEdits.words(work.prototype(), fact.id())));
                        case Fact.Kind.YesNo y -> label(holds(fact), 170);
                    },
                    sets,
                    asks,
                    Buttons.smallWord(
                            "Remove", "remove-fact-" + fact.id(), () -> remove(fact, setBy.size(), askedBy.size())));
        }
    }

    /** Some words, or any text. */
    private ChoiceButton wordsOrText(Fact fact, Fact.Kind.OneOf words) {
        return ChoiceButton.of(
                "holds-" + fact.id(),
                170,
                "What it holds",
                List.of(words, new Fact.Kind.Text()),
                fact.kind(),
                kind -> holds(new Fact(fact.id(), fact.title(), kind, fact.rest())),
                kind -> put(new Fact(fact.id(), fact.title(), kind, fact.rest())));
    }

    /** The least and the most of a number, to be typed anew: "0 to 9". */
    private TextField bounds(Fact fact, Fact.Kind.Number now) {
        return field("bounds-" + fact.id(), "Least and most of " + fact.title(), holds(fact), 170, words -> {
            Matcher typed = BOUNDS.matcher(words);
            if (!typed.matches() || Integer.parseInt(typed.group(1)) > Integer.parseInt(typed.group(2))) {
                said.say("A number has a least and a most: 0 to 9. “" + words + "” is not that.");
                fill();
                return;
            }
            Fact.Kind.Number wanted =
                    new Fact.Kind.Number(Integer.parseInt(typed.group(1)), Integer.parseInt(typed.group(2)));
            if (!wanted.equals(now)) {
                put(new Fact(fact.id(), fact.title(), wanted, fact.rest()));
            }
        });
    }

    private void put(Fact fact) {
        work.edit(FactEdits.put(fact));
        fill();
    }

    private static String holds(Fact fact) {
        return switch (fact.kind()) {
            case Fact.Kind.YesNo y -> "yes or no";
            case Fact.Kind.OneOf o -> "one of " + String.join(", ", o.words());
            case Fact.Kind.Text t -> "any text";
            case Fact.Kind.Number n -> n.least() + " to " + n.most();
        };
    }

    private void remove(Fact fact, int set, int asked) {
        work.edit(FactEdits.remove(List.of(fact)));
        said.say("“" + fact.title() + "” is no fact any more"
                + (set > 0 ? "; " + (set == 1 ? "one link remembers" : set + " links remember") + " it no longer" : "")
                + (asked > 0 ? "; looks that ask for it hold no more" : "") + ". Ctrl+Z brings it back.");
        fill();
    }
}
