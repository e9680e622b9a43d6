package pandel.desktop.links.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Side;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import pandel.core.edit.link.BranchEdits;
import pandel.core.edit.link.LinkEdits;
import pandel.core.edit.value.FactExamples;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.value.ParsedWords;
import pandel.core.model.Index;
import pandel.core.model.Targets;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Link;
import pandel.core.model.link.Motion;
import pandel.core.model.link.Verb;
import pandel.core.model.link.Where;
import pandel.core.model.screen.Screen;
import pandel.core.model.value.Condition;
import pandel.core.model.value.Fact;
import pandel.core.play.words.LinkWords;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.work.Work;

/**
 * One way a link can turn out, as a line of its sentence: when, what is remembered and said, where it leads, how it
 * moves.
 */
public final class BranchLine {

    final Work work;
    final DeskActions actions;
    final DeskRequests desk;
    final Runnable refresh;
    final Pane line;
    final Optional<Link> link;
    final int number;
    final Branch branch;
    private final Choice remembering;
    final Choice more;
    final BranchAsides besides = new BranchAsides(this);
    private final BranchMenu menu = new BranchMenu(this);

    /** @param line that the words are put on, behind what stands there */
    BranchLine(
            Work work,
            DeskActions actions,
            DeskRequests desk,
            Runnable refresh,
            Pane line,
            Optional<Link> link,
            int number) {
        this.work = work;
        this.actions = actions;
        this.desk = desk;
        this.refresh = refresh;
        this.line = line;
        this.link = link;
        this.number = number;
        this.branch = link.filter(l -> number < l.branches().size())
                .map(l -> l.branches().get(number))
                .orElse(Branch.of(List.of()));
        this.remembering = new Choice("remember…", "soft", id("remember"));
        this.more = new Choice("and more…", "soft", id("more"));
    }

    String id(String name) {
        return number == 0 ? "choice-" + name : "branch-" + number + "-" + name;
    }

    void fill() {
        condition();
        remembered();
        besides.asides();
        move();
        line.getChildren().add(remember());
        line.getChildren().add(menu.more());
        link.filter(l -> number == 0 && !l.title().isBlank()).ifPresent(l -> {
            Choice title = new Choice(l.title(), "soft", "choice-link-title");
            title.setTooltip(new Tooltip("What this link is called in lists, findings and journeys"));
            line.getChildren().addAll(Choice.aside("called"), title.on(() -> typeTitle(title)));
        });
    }

    void typeTitle(Choice choice) {
        String now = link.map(Link::title).orElse("");
        TextField field = choice.type(
                now,
                "What this link is called",
                typed -> {
                    if (!typed.strip().equals(now)) {
                        withLink(l -> work.edit(LinkEdits.change(
                                typed.isBlank() ? "take a link’s name away" : "call a link “" + typed.strip() + "”",
                                l.withTitle(typed.strip()))));
                    }
                },
                refresh);
        field.setPromptText("a name for lists, findings and journeys");
        field.setPrefColumnCount(16);
    }

    /** What choosing a tab or page does besides showing it. */
    void fillBesides() {
        remembered();
        besides.asides();
        Choice say = new Choice("say…", "soft", id("say"));
        line.getChildren().addAll(remember(), say.on(() -> besides.say(say)));
    }

    private void condition() {
        if (branch.outcome().isEmpty() && branch.when().isEmpty()) {
            return;
        }
        line.getChildren().add(Choice.words("if"));
        branch.outcome().ifPresent(outcome -> {
            Choice choice = new Choice(outcome, "", id("outcome"));
            choice.setTooltip(new Tooltip("How it turns out, which the person does not decide"
                    + (link.flatMap(Link::always).filter(outcome::equals).isPresent()
                            ? "; play always takes this one"
                            : "; play asks")));
            line.getChildren().add(choice.on(() -> typeOutcome(choice)));
            if (link.flatMap(Link::always).filter(outcome::equals).isPresent()) {
                line.getChildren().add(Choice.aside("always in play"));
            }
        });
        if (!branch.when().isEmpty()) {
            Choice choice = new Choice(FactWords.typed(work.prototype(), branch.when()), "", id("when"));
            line.getChildren().add(choice.on(() -> typeCondition(choice)));
        }
        line.getChildren().add(Choice.words(":"));
    }

    private void remembered() {
        List<Effect.Remember> all = branch.remembers();
        for (int i = 0; i < all.size(); i++) {
            int at = i;
            line.getChildren().add(Choice.words(i == 0 ? "remember" : "and"));
            String words = LinkWords.remembered(work.prototype(), all.get(i));
            Choice choice = new Choice(
                    words, work.prototype().fact(all.get(i).fact()).isPresent() ? "" : "missing", id("remember-" + i));
            line.getChildren()
                    .add(choice.on(() -> typeFact(choice, words, typed -> {
                        List<Effect.Remember> changed = new ArrayList<>(all);
                        changed.remove(at);
                        remember(changed, at, typed);
                    })));
        }
        if (!all.isEmpty()) {
            line.getChildren().add(Choice.words(","));
        }
    }

    private void move() {
        Optional<Effect> move = branch.move();
        if (move.isEmpty()) {
            boolean bare = branch.effects().isEmpty();
            line.getChildren()
                    .add(new Choice(
                                    bare ? "choose where it leads" : "and lead somewhere",
                                    bare ? "missing" : "soft",
                                    id("target"))
                            .on(this::find));
            return;
        }
        Effect effect = move.get();
        Choice verb = new Choice(VerbMenu.words(effect.verb()), "", id("verb"));
        line.getChildren()
                .add(verb.on(() -> VerbMenu.of(work.prototype(), actions.screen(), effect, this::chooseVerb)
                        .show(verb, Side.TOP, 0, -2)));
        effect.target().ifPresent(t -> {
            boolean there = Targets.shown(work.prototype(), t).isPresent();
            line.getChildren()
                    .add(new Choice(LinkWords.title(work.prototype(), t), there ? "" : "missing", id("target"))
                            .on(this::find));
            if (!there) {
                line.getChildren().add(Choice.aside("is not there"));
            }
        });
        effect.target()
                .flatMap(t -> FirstChoice.of(
                        work.prototype(),
                        t,
                        id("first"),
                        other -> work.edit(LinkEdits.change(
                                "lead elsewhere in it",
                                link.orElseThrow()
                                        .branch(
                                                number,
                                                b -> b.withEffects(b.effects().stream()
                                                        .map(e -> e.equals(effect) ? effect.leadingTo(other) : e)
                                                        .toList()))))))
                .ifPresent(line.getChildren()::add);
        if (effect instanceof Effect.TurnPage turn) {
            line.getChildren()
                    .add(PageChoice.of(
                            work.prototype(),
                            actions.screen(),
                            turn.turn(),
                            id("turn"),
                            chosen -> work.edit(LinkEdits.change(
                                    LinkWords.turn(chosen),
                                    link.orElseThrow()
                                            .branch(
                                                    number,
                                                    b -> b.doing(new Effect.TurnPage(chosen))
                                                            .withWhere(b.where())
                                                            .withMotion(b.motion()))))));
        }
        if (effect instanceof Effect.StepRow step) {
            line.getChildren()
                    .add(RowEnd.of(
                            step,
                            id("round"),
                            chosen -> work.edit(LinkEdits.change(
                                    chosen.round() ? "go round at the end of the list" : "stop at the end of the list",
                                    link.orElseThrow()
                                            .branch(
                                                    number,
                                                    b -> b.doing(chosen)
                                                            .withWhere(b.where())
                                                            .withMotion(b.motion()))))));
        }
        if (effect instanceof Effect.SwitchTab to) {
            line.getChildren()
                    .add(TabChoice.of(
                            work.prototype(),
                            to.tab(),
                            id("tab"),
                            chosen -> work.edit(LinkEdits.change(
                                    "switch to another tab",
                                    link.orElseThrow()
                                            .branch(
                                                    number,
                                                    b -> b.doing(new Effect.SwitchTab(chosen))
                                                            .withMotion(b.motion()))))));
        }
        effect.target().ifPresent(t -> new CarriedWords(work, line, link, t, this::id, desk, refresh).fill());
        branch.where()
                .ifPresent(w -> line.getChildren()
                        .add(new Choice(w.word(), "", id("where"))
                                .on(() -> work.edit(BranchEdits.where(
                                        link.orElseThrow(),
                                        number,
                                        Optional.of(w == Where.HERE ? Where.BENEATH : Where.HERE))))));
        line.getChildren()
                .add(
                        effect.target().isPresent()
                                        || effect instanceof Effect.TurnPage
                                        || effect instanceof Effect.StepRow
                                        || effect instanceof Effect.SwitchTab
                                ? motion(effect)
                                : Choice.aside(
                                        effect.verb() == Verb.RETURN ? backTo() : "plays what opened it in reverse"));
    }

    private Choice motion(Effect effect) {
        Motion usual = work.prototype().feel().usual(work.prototype(), effect);
        Choice choice = new Choice(
                branch.motion().map(VerbMenu::told).orElse("as usual: " + VerbMenu.told(usual)), "soft", id("motion"));
        return choice.on(() -> link.ifPresent(l -> desk.motion(l, number)));
    }

    private void find() {
        actions.branch(number);
        desk.find();
    }

    private void chooseVerb(Verb verb) {
        actions.branch(number);
        desk.chooseVerb(verb);
    }

    private Choice remember() {
        remembering.setTooltip(new Tooltip("Something to be remembered while the prototype is played: "
                + FactExamples.remembered(work.prototype())));
        return remembering.on(this::askWhatToRemember);
    }

    /** Asks for something more to remember. */
    public void askWhatToRemember() {
        typeFact(remembering, "", typed -> {
            List<Effect.Remember> all = new ArrayList<>(branch.remembers());
            remember(all, all.size(), typed);
        });
    }

    void typeOutcome(Choice choice) {
        TextField field = choice.type(
                branch.outcome().orElse(""),
                "How it turns out",
                typed -> {
                    if (!typed.strip().equals(branch.outcome().orElse(""))) {
                        withLink(l -> work.edit(BranchEdits.outcome(l, number, typed)));
                    }
                },
                refresh);
        field.setPromptText("saved, refused, no network");
    }

    void typeCondition(Choice choice) {
        String now = FactWords.typed(work.prototype(), branch.when());
        TextField field = choice.type(
                now,
                "What must hold",
                typed -> {
                    if (!typed.strip().equals(now)) {
                        when(typed);
                    }
                },
                refresh);
        field.setPromptText(FactExamples.conditions(work.prototype()));
        field.setPrefColumnCount(16);
        FactOffers.under(field, work.prototype(), on(), true);
    }

    private void when(String typed) {
        try {
            ParsedWords<List<Condition>> said = FactWords.conditions(work.prototype(), on(), typed, work.naming());
            withLink(l -> work.edit(BranchEdits.when(l, number, said.what(), said.facts())));
        } catch (FactWords.NotUnderstood e) {
            desk.say(String.valueOf(e.getMessage()));
        }
    }

    private void typeFact(Choice choice, String now, Consumer<String> then) {
        TextField field = choice.type(now, "What to remember", then, refresh);
        field.setPromptText(FactExamples.remembered(work.prototype()));
        field.setPrefColumnCount(16);
        FactOffers.under(field, work.prototype(), List.of(), false);
    }

    private void remember(List<Effect.Remember> others, int at, String typed) {
        try {
            List<Fact> facts = List.of();
            if (!typed.isBlank()) {
                ParsedWords<Effect.Remember> said = FactWords.remember(work.prototype(), on(), typed, work.naming());
                others.add(at, said.what());
                facts = said.facts();
            }
            if (!others.equals(branch.remembers())) {
                actions.branch(number);
                actions.remember(others, facts);
            }
            if (!facts.isEmpty()) {
                desk.say("“" + facts.getLast().title() + "” is remembered from now on; a look can ask for it.");
            }
        } catch (FactWords.NotUnderstood e) {
            desk.say(String.valueOf(e.getMessage()));
        }
    }

    /** The screens that the link stands on. */
    List<Screen> on() {
        return link.flatMap(l -> work.prototype().index().way(l.id()))
                .map(Index.Way::from)
                .orElseGet(() -> work.screen().stream().toList());
    }

    /** The link that is edited; one without effects is made where the hotspot has none yet. */
    void withLink(Consumer<Link> then) {
        link.or(actions::freshLink).ifPresent(then);
    }

    private String backTo() {
        int n = work.screen()
                .map(s -> work.prototype().index().screensLeadingTo(s.id()).size())
                .orElse(0);
        return n == 0
                ? "nothing leads here yet"
                : n == 1 ? "back to the one screen that leads here" : "back to any of " + n;
    }

    /** Asks what is said. */
    public void say() {
        besides.say();
    }

    /** Asks for the address it leads out to. */
    public void leave() {
        besides.leave();
    }
}
