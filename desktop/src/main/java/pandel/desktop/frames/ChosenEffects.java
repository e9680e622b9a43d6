package pandel.desktop.frames;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import pandel.core.edit.value.FactExamples;
import pandel.core.edit.value.FactWords;
import pandel.core.edit.value.ParsedWords;
import pandel.core.model.link.Effect;
import pandel.core.model.value.Fact;
import pandel.core.play.words.LinkWords;
import pandel.desktop.links.sentence.Choice;
import pandel.desktop.links.sentence.FactOffers;
import pandel.desktop.work.Work;

/** What choosing a tab or page does besides showing it, as a sentence: each part is typed in its place. */
final class ChosenEffects extends FlowPane {

    private final Work work;
    private final List<Effect> effects;
    private final Consumer<String> say;
    private final BiConsumer<List<Effect>, List<Fact>> changed;
    private final Runnable refresh;

    /**
     * @param words what the sentence begins with: "Choosing it also"
     * @param changed told what it does from then on, and which facts that needs
     */
    ChosenEffects(
            Work work,
            String words,
            List<Effect> effects,
            Consumer<String> say,
            BiConsumer<List<Effect>, List<Fact>> changed,
            Runnable refresh) {
        getStyleClass().addAll("sentence", "frame-saying");
        setPrefWrapLength(1);
        this.work = work;
        this.effects = effects;
        this.say = say;
        this.changed = changed;
        this.refresh = refresh;
        getChildren().add(Choice.words(words));
        for (int i = 0; i < effects.size(); i++) {
            int at = i;
            if (effects.get(i) instanceof Effect.Notice notice) {
                Choice choice = new Choice("“" + notice.words() + "”", "", "chosen-" + i);
                getChildren().addAll(Choice.words("say"), choice.on(() -> said(choice, notice, at)));
            } else if (effects.get(i) instanceof Effect.Remember remember) {
                String now = LinkWords.remembered(work.prototype(), remember);
                Choice choice = new Choice(now, "", "chosen-" + i);
                getChildren().addAll(Choice.words("remember"), choice.on(() -> remembered(choice, now, at)));
            }
        }
        Choice remember = new Choice("remember…", "soft", "chosen-remember");
        Choice tell = new Choice("say…", "soft", "chosen-say");
        getChildren()
                .addAll(
                        remember.on(() -> remembered(remember, "", effects.size())),
                        tell.on(() -> said(tell, new Effect.Notice("", Effect.Notice.USUAL_MS), effects.size())));
    }

    private void said(Choice choice, Effect.Notice now, int at) {
        choice.type(
                now.words(),
                "What is said",
                typed -> {
                    if (!typed.strip().equals(now.words())) {
                        change(at, typed.isBlank() ? List.of() : List.of(now.withWords(typed.strip())), List.of());
                    }
                },
                refresh);
    }

    private void remembered(Choice choice, String now, int at) {
        TextField field = choice.type(
                now,
                "What to remember",
                typed -> {
                    if (!typed.strip().equals(now)) {
                        remember(typed, at);
                    }
                },
                refresh);
        field.setPromptText(FactExamples.remembered(work.prototype()));
        field.setPrefColumnCount(16);
        FactOffers.under(field, work.prototype(), List.of(), false);
    }

    private void remember(String typed, int at) {
        if (typed.isBlank()) {
            change(at, List.of(), List.of());
            return;
        }
        try {
            ParsedWords<Effect.Remember> said = FactWords.remember(work.prototype(), typed, work.naming());
            change(at, List.of(said.what()), said.facts());
        } catch (FactWords.NotUnderstood e) {
            say.accept(String.valueOf(e.getMessage()));
        }
    }

    private void change(int at, List<Effect> instead, List<Fact> facts) {
        List<Effect> all = new ArrayList<>(effects.subList(0, at));
        all.addAll(instead);
        all.addAll(effects.subList(Math.min(effects.size(), at + 1), effects.size()));
        changed.accept(all, facts);
    }
}
