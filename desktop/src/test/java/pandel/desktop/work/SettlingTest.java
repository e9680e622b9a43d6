package pandel.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.SimpleStringProperty;
import javafx.util.Subscription;
import org.junit.jupiter.api.Test;
import pandel.desktop.stage.WhileShown;

class SettlingTest {

    private final List<String> told = new ArrayList<>();

    @Test
    void whatChangesTogetherIsToldAtTheEnd() {
        Settling settling = new Settling();
        settling.subscribe(() -> told.add("told"));
        settling.during(() -> {
            settling.changed();
            settling.during(settling::changed);
            told.add("still changing");
            settling.changed();
        });
        assertThat(told).containsExactly("still changing", "told");
        settling.during(() -> {});
        assertThat(told).hasSize(2);
        settling.changed();
        assertThat(told).hasSize(3);
    }

    @Test
    void aChangeThatFailsIsToldAllTheSame() {
        Settling settling = new Settling();
        settling.subscribe(() -> told.add("told"));
        assertThatThrownBy(() -> settling.during(() -> {
                    settling.changed();
                    throw new IllegalStateException("half way");
                }))
                .hasMessage("half way");
        assertThat(told).containsExactly("told");
    }

    @Test
    void whoChangesSomethingWhenToldIsToldAgain() {
        Settling settling = new Settling();
        settling.subscribe(() -> {
            told.add("told");
            if (told.size() < 3) {
                settling.changed();
            }
        });
        settling.changed();
        assertThat(told).hasSize(3);
    }

    @Test
    void whoIsTakenOffWhileOthersAreToldHearsNoMore() {
        Settling settling = new Settling();
        List<Subscription> own = new ArrayList<>();
        own.add(settling.subscribe(() -> {
            told.add("once");
            own.getFirst().unsubscribe();
        }));
        settling.changed();
        settling.changed();
        assertThat(told).containsExactly("once");
    }

    @Test
    void aStageFollowsWhileItIsInSight() {
        SimpleStringProperty said = new SimpleStringProperty("");
        WhileShown shown = new WhileShown(() -> said.subscribe((was, is) -> told.add(is)));
        said.set("before");
        shown.begin();
        said.set("in sight");
        shown.begin();
        said.set("again");
        assertThat(shown.isOn()).isTrue();
        shown.end();
        said.set("after");
        assertThat(shown.isOn()).isFalse();
        assertThat(told).containsExactly("in sight", "again");
    }
}
