package pandel.desktop;

import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;

/** A window with Hollow Lane as people get it, with its frames. */
abstract class FramedWindowTest extends WindowTest {

    @Override
    Path offered() {
        return framedSample();
    }

    @BeforeEach
    void openTheSample() {
        openSample();
    }

    /** In play past the splash and the welcome, before one signs in. */
    void pastTheWelcome() {
        go(4);
        pass(1800);
        tillStill();
        tapDevice(390 - 60, 34);
        tillStill();
    }

    /** In play past the splash and the welcome, signed in. */
    void signIn() {
        pastTheWelcome();
        tapDevice(195, 582);
        tillStill();
    }
}
