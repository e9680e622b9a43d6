package pandel.core.edit.link;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pandel.core.edit.Edit;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Index.Way;
import pandel.core.model.Prototype;
import pandel.core.model.link.Effect;
import pandel.core.model.link.Target;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;
import pandel.core.model.screen.Screen;

/**
 * A link whose verb no longer says what was meant when a screen gets another form.
 *
 * @param now what it does
 * @param then what it will do
 */
public record FormChange(Way way, Effect now, Effect then) {

    /**
     * The links to change when screens get a form: those that lead to them in a way their form refuses, or open above
     * what becomes a page; and on them, those that close what is no longer open above, when it becomes a page.
     */
    public static List<FormChange> of(Prototype prototype, List<Screen> screens, Form form) {
        Set<String> ids = new HashSet<>(
                screens.stream().filter(s -> s.form() != form).map(Screen::id).toList());
        List<FormChange> changes = new ArrayList<>();
        for (Way way : prototype.index().ways()) {
            Optional<Effect> now = way.link().effect();
            now.flatMap(effect -> then(prototype, way, effect, ids, form))
                    .ifPresent(then -> changes.add(new FormChange(way, now.get(), then)));
        }
        return changes;
    }

    private static Optional<Effect> then(Prototype prototype, Way way, Effect effect, Set<String> ids, Form form) {
        boolean fromChanged = !way.from().isEmpty() && way.from().stream().allMatch(s -> ids.contains(s.id()));
        if (effect instanceof Effect.Close && fromChanged && form == Form.PAGE) {
            return Optional.of(new Effect.Return());
        }
        Optional<String> target = effect.target().map(Target::id);
        if (target.isEmpty() || way.from().isEmpty()) {
            return Optional.empty();
        }
        boolean targetChanged = ids.contains(target.get());
        Form fromForm = fromChanged ? form : way.from().getFirst().form();
        Form toForm = targetChanged
                ? form
                : prototype.screen(target.get()).map(Screen::form).orElse(Form.PAGE);
        if (!targetChanged && !fromChanged) {
            return Optional.empty();
        }
        boolean goesOn = effect.verb() == Verb.ADVANCE || effect.verb() == Verb.REPLACE;
        if (goesOn && toForm != Form.PAGE && toForm != fromForm) {
            return Optional.of(new Effect.OpenAbove(new Target.ToScreen(target.get())));
        }
        boolean becamePage = effect.verb() == Verb.OPEN_ABOVE && targetChanged && form == Form.PAGE;
        return becamePage ? Optional.of(new Effect.Advance(new Target.ToScreen(target.get()))) : Optional.empty();
    }

    /** Gives screens a form and changes the links that go with it, in one. */
    public static Edit edit(List<Screen> screens, Form form, List<FormChange> changes) {
        Edit alone = ScreenEdits.form(screens, form);
        return Edit.of(alone.name(), p -> {
            Prototype changed = alone.applyTo(p);
            for (FormChange change : changes) {
                changed = LinkEdits.change("", change.way().link().doing(change.then()))
                        .applyTo(changed);
            }
            return changed;
        });
    }
}
