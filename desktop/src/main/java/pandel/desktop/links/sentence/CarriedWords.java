package pandel.desktop.links.sentence;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import pandel.core.edit.ExpectedValues;
import pandel.core.edit.value.Carrying;
import pandel.core.edit.value.SourceWords;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Link;
import pandel.core.model.link.Target;
import pandel.core.model.value.Expected;
import pandel.core.model.value.Source;
import pandel.desktop.work.Work;

/**
 * What a move carries, as words of its sentence: each value that its target expects, and what it does not expect
 * besides.
 */
final class CarriedWords {

    private final Work work;
    private final Pane line;
    private final Optional<Link> link;
    private final Target target;
    private final UnaryOperator<String> id;
    private final DeskRequests desk;
    private final Runnable refresh;
    private final SourceWords words;

    /** @param id makes ids of the words of a line */
    CarriedWords(
            Work work,
            Pane line,
            Optional<Link> link,
            Target target,
            UnaryOperator<String> id,
            DeskRequests desk,
            Runnable refresh) {
        this.work = work;
        this.line = line;
        this.link = link;
        this.target = target;
        this.id = id;
        this.desk = desk;
        this.refresh = refresh;
        Optional<Way> way = link.flatMap(l -> work.prototype().index().way(l.id()));
        this.words = new SourceWords(work.prototype(), way.map(Way::from).orElse(List.of()), way.flatMap(Way::hotspot));
    }

    void fill() {
        List<Expected> expects = ExpectedValues.expectedBy(work.prototype(), target);
        boolean first = true;
        for (Expected expected : expects) {
            line.getChildren().addAll(Choice.words((first ? "with " : "and ") + expected.name()), value(expected));
            first = false;
        }
        for (String name : target.values().keySet()) {
            if (expects.stream().noneMatch(e -> e.name().equals(name))) {
                Choice choice = new Choice(name + ", not expected there", "missing", id.apply("value-" + name));
                choice.setTooltip(new Tooltip("Carry it no more"));
                line.getChildren().add(choice.on(() -> carry(name, Optional.empty())));
            }
        }
    }

    private Choice value(Expected expected) {
        Optional<Source> now = Optional.ofNullable(target.values().get(expected.name()));
        boolean needed = expected.mustBeCarried();
        String none = needed
                ? "which?"
                : expected.fallback().map(v -> v.shown() + ", unless said").orElse("none");
        Choice choice = new Choice(
                now.map(s -> words.typed(work.prototype(), s)).orElse(none),
                now.isPresent() ? "" : needed ? "missing" : "soft",
                id.apply("value-" + expected.name()));
        choice.setTooltip(new Tooltip("What is carried as “" + expected.name()
                + "”: a value, what this screen was given, what is typed here, a row’s own, or a fact"));
        return choice.on(() -> type(choice, expected, now));
    }

    private void type(Choice choice, Expected expected, Optional<Source> now) {
        TextField field = choice.type(
                now.map(s -> words.typed(work.prototype(), s)).orElse(""),
                "What is carried as " + expected.name(),
                typed -> {
                    Optional<Source> source = typed.isBlank() ? Optional.empty() : Optional.of(words.source(typed));
                    if (source.filter(s -> s instanceof Source.Constant c
                                    && expected.take(c.value()).isEmpty())
                            .isPresent()) {
                        desk.say("“" + typed.strip() + "” is not what “" + expected.name() + "” takes: it is "
                                + expected.kind().word()
                                + (expected.words().isEmpty()
                                        ? "."
                                        : ": " + String.join(", ", expected.words()) + "."));
                    } else if (!source.equals(now)) {
                        carry(expected.name(), source);
                    }
                },
                refresh);
        List<String> offers = words.offers(expected.name());
        field.setPromptText(
                offers.isEmpty()
                        ? expected.words().isEmpty()
                                ? "a value"
                                : expected.words().getFirst()
                        : offers.getFirst());
        FactOffers.under(
                field,
                () -> java.util.stream.Stream.concat(offers.stream(), expected.words().stream())
                        .toList(),
                false,
                true);
    }

    private void carry(String name, Optional<Source> source) {
        link.ifPresent(l -> work.edit(Carrying.carry(l, target, name, source)));
    }
}
