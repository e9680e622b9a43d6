package pandel.desktop.map;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import pandel.core.edit.bulk.Filling;
import pandel.core.edit.bulk.Filling.Pair;
import pandel.core.model.Index.Way;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Screen;
import pandel.core.play.words.LinkWords;
import pandel.desktop.stage.StageGuide;
import pandel.desktop.stage.WorkStage;
import pandel.desktop.theme.Buttons;
import pandel.desktop.work.Work;

/** All links from screen to screen, read by rows and columns, filled in and cleared for many pairs at once. */
final class LinkTable extends BorderPane {

    private static final int MOST_TOLD = 2;

    private final Work work;
    private final StageGuide around;
    private final TableGrid grid;
    private final Label sentence = new Label();

    LinkTable(Work work, StageGuide around) {
        this.work = work;
        this.around = around;
        this.grid = new TableGrid(this::told, this::opened);
        sentence.getStyleClass().add("large");
        sentence.setMinWidth(0);
        sentence.setId("table-sentence");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox foot = new HBox(
                sentence,
                space,
                Buttons.plain("Remove", "table-clear", this::clear),
                Buttons.plain("Link as usual", "table-fill", () -> fill(Optional.empty())));
        foot.getStyleClass().add("bar");
        setCenter(grid);
        setBottom(foot);
    }

    /** In the order of the gallery, which filling in does not change. */
    void refresh() {
        Map<Pair, List<Way>> ways = work.prototype().index().ways().stream()
                .flatMap(way -> way.from().stream()
                        .flatMap(from -> way.targets().stream().map(to -> Map.entry(new Pair(from.id(), to), way))))
                .collect(Collectors.groupingBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
        grid.show(work.prototype().screens(), ways);
    }

    @Override
    public void requestFocus() {
        grid.requestFocus();
    }

    void go(int rows, int columns, boolean more) {
        grid.go(rows, columns, more);
    }

    void fill(Optional<Verb> verb) {
        List<Pair> empty = grid.chosen().stream()
                .filter(pair -> !pair.from().equals(pair.to()))
                .filter(pair -> Filling.between(work.prototype(), pair).isEmpty())
                .toList();
        if (empty.isEmpty()) {
            around.say("There are links already.");
            return;
        }
        work.edit(Filling.fill(empty, verb, work.device(), work.naming()));
        around.say(
                empty.size() == 1
                        ? "Linked by a tap; its place on the mock can be moved on the desk."
                        : empty.size() + " pairs are linked; their places on the mocks can be moved on the desk.");
    }

    void clear() {
        List<Pair> chosen = grid.chosen();
        List<Way> there = chosen.stream()
                .flatMap(pair -> Filling.between(work.prototype(), pair).stream())
                .toList();
        if (there.stream().anyMatch(way -> way.from().size() > 1)) {
            around.say("Links of shared hotspots stand on many screens and stay; they are removed on the desk.");
        }
        work.edit(Filling.clear(chosen));
    }

    /** Goes to the desk, to the hotspot of the cell where the cursor stands. */
    void openOnDesk() {
        grid.chosen().stream().findFirst().ifPresent(pair -> {
            work.selection().choose(pair.from());
            Filling.between(work.prototype(), pair).stream()
                    .findFirst()
                    .flatMap(Way::hotspot)
                    .ifPresent(h -> work.selection().chooseHotspot(h.id()));
            around.go(WorkStage.LINKS);
        });
    }

    private void opened(Pair pair) {
        if (Filling.between(work.prototype(), pair).isEmpty()) {
            fill(Optional.empty());
        } else {
            openOnDesk();
        }
    }

    private void told(List<Pair> chosen) {
        if (chosen.size() != 1) {
            long linked = chosen.stream()
                    .filter(pair -> !Filling.between(work.prototype(), pair).isEmpty())
                    .count();
            sentence.setText(chosen.size() + " pairs, " + linked + " of them linked."
                    + (linked < chosen.size() ? " Enter links the rest." : ""));
            return;
        }
        Pair pair = chosen.getFirst();
        work.selection().choose(pair.from());
        List<Way> ways = Filling.between(work.prototype(), pair);
        String from = title(pair.from());
        String to = title(pair.to());
        if (ways.isEmpty()) {
            sentence.setText(
                    pair.from().equals(pair.to())
                            ? from + " does not lead to itself."
                            : from + " does not lead to " + to + ".");
            return;
        }
        String words = ways.stream()
                .limit(MOST_TOLD)
                .map(way -> LinkWords.described(work.prototype(), way))
                .collect(Collectors.joining("; "));
        sentence.setText(words + (ways.size() > MOST_TOLD ? "; and " + (ways.size() - MOST_TOLD) + " more." : "."));
    }

    private String title(String id) {
        return work.prototype().screen(id).map(Screen::shownTitle).orElse("");
    }
}
