package pandel.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.edit.screen.ScreenEdits;

/** What is open is handed out to a browser beside the desk, from when it is asked until it is ended. */
class OnAPhoneTest extends WindowTest {

    private final HttpClient client = HttpClient.newHttpClient();

    @Override
    Path offered() {
        return framedSample();
    }

    @BeforeEach
    void openTheSample() {
        openSample();
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
    }

    @AfterEach
    void close() {
        client.close();
    }

    private String address() {
        until(() -> lookup("#phone-address").tryQuery().isPresent());
        return ((TextField) lookup("#phone-address").query()).getText();
    }

    private String get(String address) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }

    private int post(String address, String body) throws Exception {
        return client.send(
                        HttpRequest.newBuilder(URI.create(address))
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    @Test
    void eachEditIsThereUntilItIsEnded() throws Exception {
        assertRead("Whoever there has the address can look on, no one else.");
        shot("phone-off");
        press("#phone-here");
        String address = address();
        assertThat(address).startsWith("http://127.0.0.1:");
        assertRead("On a phone");
        assertThat(get(address)).contains("<title>Hollow Lane</title>");
        interact(() -> opened.work().edit(ScreenEdits.renamePrototype("Hollow Lane of today")));
        assertThat(get(address)).contains("<title>Hollow Lane of today</title>");
        press("#phone-end");
        assertThat(lookup("#phone-address").tryQuery()).isEmpty();
        assertThat(lookup("#on-a-phone").query().isVisible()).isFalse();
        assertThat(answers(address)).isFalse();
    }

    private boolean answers(String address) throws InterruptedException {
        try {
            client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.discarding());
            return true;
        } catch (java.io.IOException e) {
            return false;
        }
    }

    @Test
    void theNetworkIsOfferedWithACodeToScan() {
        press("#phone-network");
        assertThat(address()).matches("http://[0-9.]+:\\d+/[A-Za-z0-9_-]{22}/");
        assertThat(lookup("#phone-code").tryQuery()).isPresent();
        shot("phone-on");
    }

    @Test
    void playStandsWhereThePhoneDoesIfThatIsWished() throws Exception {
        press("#phone-here");
        String address = address();
        String step =
                "{\"device\": \"tablet\", \"start\": \"start\", \"events\": [{\"elapse\": 1800}, {\"skip\": true}]}";
        assertThat(post(address + "tapped", step)).isEqualTo(403);
        press("#phone-taps");
        assertThat(post(address + "tapped", step)).isEqualTo(204);
        until(() -> opened.window()
                .played()
                .filter(s -> prototype().titleOf(s.screen()).equals("Sign in"))
                .isPresent());
        settle();
        assertThat(opened.work().device().id()).isEqualTo("tablet");
        press("#page-done");
        go(4);
        assertThat(trail()).startsWith("Sign in");
    }

    @Test
    void anotherPrototypeIsNotHandedOutUnasked() throws Exception {
        press("#phone-here");
        String address = address();
        press("#page-done");
        assertThat(lookup("#on-a-phone").query().isVisible()).isTrue();
        keys(KeyCode.CONTROL, KeyCode.N);
        settle();
        assertRead("Another prototype is open; the phone is shown nothing any more.");
        assertThat(answers(address)).isFalse();
    }
}
