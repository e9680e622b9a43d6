package pandel.desktop;

import java.util.Optional;
import java.util.function.IntConsumer;
import pandel.desktop.play.PlayClock;

final class HandClock implements PlayClock {
    Optional<IntConsumer> told = Optional.empty();

    @Override
    public void start(IntConsumer passed) {
        told = Optional.of(passed);
    }

    @Override
    public void stop() {
        told = Optional.empty();
    }
}
