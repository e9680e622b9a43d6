package pandel.core.model.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Form;

/** What a device can be said to refuse: every verb, every gesture, and what is neither. */
class CannotTest {

    @Test
    void everyVerbGestureAndFormCanBeRefused() {
        assertThat(Cannot.VERBS)
                .containsExactlyElementsOf(
                        Arrays.stream(Verb.values()).map(Verb::refusal).toList());
        assertThat(Cannot.GESTURES).hasSize(Gesture.values().length);
        assertThat(Cannot.FRAMES)
                .containsAll(Arrays.stream(Form.values()).map(Form::refusal).toList());
        EnumSet<Cannot> all = EnumSet.copyOf(Cannot.VERBS);
        all.addAll(Cannot.FRAMES);
        all.addAll(Cannot.GESTURES);
        assertThat(all).hasSize(Cannot.values().length);
        assertThat(all.stream().map(Cannot::word)).doesNotHaveDuplicates();
    }

    @Test
    void aGestureThatIsRefusedSaysSo() {
        Device dull = Device.PHONE.withCannot(Set.of(Cannot.LONG_PRESS));
        assertThat(Gesture.LONG_PRESS.refusedBy(dull)).contains("Phone knows no long press.");
        assertThat(Gesture.LONG_PRESS.refusedBy(Device.PHONE)).isEmpty();
    }
}
