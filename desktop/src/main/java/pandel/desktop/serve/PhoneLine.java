package pandel.desktop.serve;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import pandel.core.model.Prototype;
import pandel.core.model.remark.Remark;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.serve.Serving;

/**
 * Hands the open prototype out to browsers, from when it is asked until it is ended, another prototype is opened or the
 * window is closed. For the interface thread.
 */
public final class PhoneLine {

    private final Work work;
    private final Background background;
    private final Consumer<Remark.Step> stand;
    private final ReadOnlyBooleanWrapper on = new ReadOnlyBooleanWrapper();
    private Optional<Serving> serving = Optional.empty();
    private boolean network;
    private boolean wished;

    /**
     * @param stand told where a play over there stands, while that is wished
     * @param said says one sentence
     */
    public PhoneLine(Work work, Background background, Consumer<Remark.Step> stand, Consumer<String> said) {
        this.work = work;
        this.background = background;
        this.stand = stand;
        work.prototypeProperty()
                .subscribe((was, now) ->
                        serving.ifPresent(s -> s.show(now, work.document().shelf())));
        work.documentProperty().addListener((o, was, now) -> {
            if (isOn()) {
                end();
                said.accept("Another prototype is open; the phone is shown nothing any more.");
            }
        });
    }

    public ReadOnlyBooleanProperty onProperty() {
        return on.getReadOnlyProperty();
    }

    public boolean isOn() {
        return on.get();
    }

    /** Whether other machines reach it. */
    boolean isOnNetwork() {
        return network;
    }

    /** Whether play here stands where the one over there does. */
    boolean isWished() {
        return wished;
    }

    /** Where a browser finds it; none while it is off. */
    List<String> addresses() {
        return serving.map(Serving::addresses).orElse(List.of());
    }

    /**
     * Begins.
     *
     * @param wide whether other machines reach it
     * @param then once it has begun
     */
    void begin(boolean wide, Runnable then) {
        Document document = work.document();
        Prototype prototype = work.prototype();
        background.run(document, Optional.empty(), "hand the prototype out", () -> {
            Serving begun = Serving.begin(
                    prototype, document.shelf(), wide, 0, step -> background.tell(document, () -> stand(step)));
            return () -> {
                serving.ifPresent(Serving::close);
                serving = Optional.of(begun);
                network = wide;
                begun.show(work.prototype(), document.shelf());
                begun.wish(wished);
                on.set(true);
                then.run();
            };
        });
    }

    private void stand(Remark.Step step) {
        if (wished && isOn()) {
            stand.accept(step);
        }
    }

    void wish(boolean taps) {
        wished = taps;
        serving.ifPresent(s -> s.wish(taps));
    }

    /** Ends; nothing is given and nothing taken any more. */
    public void end() {
        serving.ifPresent(Serving::close);
        serving = Optional.empty();
        on.set(false);
    }
}
