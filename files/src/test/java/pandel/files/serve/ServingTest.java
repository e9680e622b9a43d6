package pandel.files.serve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pandel.core.model.link.Event;
import pandel.core.model.remark.Remark;
import pandel.core.model.screen.Picture;
import pandel.files.Unreadable;
import pandel.files.store.PrototypeFile;

/** What is handed out over a line, and what is not. */
class ServingTest {

    private final HttpClient client = HttpClient.newHttpClient();
    private final List<Remark.Step> tapped = Collections.synchronizedList(new ArrayList<>());
    private PrototypeFile.Opened opened = sample();
    private Serving serving = begun();

    private static PrototypeFile.Opened sample() {
        try {
            return PrototypeFile.open(Path.of("..", "samples", "hollow-lane.pandel"));
        } catch (Unreadable e) {
            throw new IllegalStateException(e);
        }
    }

    private Serving begun() {
        try {
            return Serving.begin(opened.prototype(), opened.pictures(), false, 0, tapped::add);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @BeforeEach
    void nothingWasTapped() {
        tapped.clear();
    }

    @AfterEach
    void end() {
        serving.close();
        client.close();
    }

    private String base() {
        return serving.addresses().getFirst();
    }

    private HttpResponse<String> get(String address) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
    }

    private int post(String address, String body) throws Exception {
        return client.send(
                        HttpRequest.newBuilder(URI.create(address))
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .statusCode();
    }

    @Test
    void thePageThePrototypeAndItsPicturesAreGiven() throws Exception {
        assertThat(base()).startsWith("http://127.0.0.1:");
        HttpResponse<String> page = get(base());
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).startsWith("<!doctype html>").contains("connect-src 'self'");
        assertThat(page.body().length()).as("without pictures").isLessThan(2_000_000);
        assertThat(page.headers().firstValue("Referrer-Policy")).contains("no-referrer");
        assertThat(get(base() + "data").body()).startsWith("{\"version\"");
        String picture = opened.prototype().screens().stream()
                .flatMap(s -> s.allMocks())
                .filter(Picture.class::isInstance)
                .map(m -> ((Picture) m).content())
                .findFirst()
                .orElseThrow();
        HttpResponse<String> given = get(base() + "p/" + picture);
        assertThat(given.statusCode()).isEqualTo(200);
        assertThat(given.headers().firstValue("Content-Type")).contains("image/png");
    }

    @Test
    void nothingElseIsGiven() throws Exception {
        String root = base().replaceFirst("/[^/]+/$", "/");
        String token = base().substring(root.length());
        for (String other : List.of(
                root,
                root + "data",
                root + token.substring(0, token.length() - 2) + "/",
                root + "A".repeat(22) + "/data",
                base() + "p/" + "0".repeat(64) + ".png",
                base() + "p/../prototype.json",
                base() + "p/%2e%2e%2fprototype.json",
                base() + "prototype.json",
                base() + "../data")) {
            assertThat(get(other).statusCode()).as(other).isEqualTo(404);
        }
        assertThat(post(base() + "data", "{}")).isEqualTo(405);
        assertThat(token).as("128 bits").hasSize(23);
        try (Serving second = begun()) {
            assertThat(second.addresses().getFirst()).doesNotContain(token);
        }
    }

    @Test
    void whatIsTappedIsTakenOnlyWhereItIsWishedAndUnderstood() throws Exception {
        String step = "{\"device\": \"phone\", \"start\": \"start\", \"events\": [{\"elapse\": 1800}]}";
        assertThat(post(base() + "tapped", step)).isEqualTo(403);
        serving.wish(true);
        assertThat(post(base() + "tapped", step)).isEqualTo(204);
        assertThat(tapped).containsExactly(new Remark.Step("phone", "start", List.of(new Event.Elapse(1800))));
        assertThat(post(base() + "tapped", "{\"device\": 7}")).isEqualTo(400);
        assertThat(post(base() + "tapped", "[")).isEqualTo(400);
        assertThat(post(base() + "tapped", "x".repeat(300_000))).isEqualTo(413);
        serving.wish(false);
        assertThat(post(base() + "tapped", step)).isEqualTo(403);
        assertThat(tapped).hasSize(1);
    }

    @Test
    void whatWaitsIsToldAtOnceWhenSomethingChanges() throws Exception {
        CompletableFuture<HttpResponse<String>> waiting = client.sendAsync(
                HttpRequest.newBuilder(URI.create(base() + "changed?since=0&wished=false"))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        serving.show(opened.prototype(), opened.pictures());
        assertThat(get(base() + "changed?since=x&wished=false").body())
                .as("the same prototype is no change")
                .contains("\"version\":\"0\"");
        assertThat(waiting).isNotDone();
        serving.show(opened.prototype().withTitle("Changed"), opened.pictures());
        String told = waiting.get().body();
        assertThat(told).contains("\"wished\":false").doesNotContain("\"version\":\"0\"");
        assertThat(get(base()).body()).contains("<title>Changed</title>");
    }

    @Test
    void itEndsWithWhoeverBeganIt() throws Exception {
        String address = base();
        serving.close();
        assertThatThrownBy(() -> get(address)).isInstanceOf(java.io.IOException.class);
    }

    @Test
    void aPortThatIsTakenIsSaid() {
        int port = URI.create(base()).getPort();
        assertThatThrownBy(() -> Serving.begin(opened.prototype(), opened.pictures(), false, port, s -> {}))
                .isInstanceOf(Unreadable.class)
                .hasMessageStartingWith("Port " + port + " cannot be used");
    }

    @Test
    void theCodeOfAnAddressHasItsQuietZoneAndItsCorners() {
        QrSquares code = QrSquares.of("http://192.168.0.7:40123/AAAAAAAAAAAAAAAAAAAAAA/");
        for (int i = 0; i < code.side(); i++) {
            for (int edge = 0; edge < 4; edge++) {
                assertThat(code.isDark(i, edge)).isFalse();
                assertThat(code.isDark(edge, i)).isFalse();
            }
        }
        assertThat(code.isDark(4, 4)).as("the finder pattern").isTrue();
        assertThat(code.text().lines()).hasSize((code.side() + 1) / 2);
    }
}
