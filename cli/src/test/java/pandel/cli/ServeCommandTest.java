package pandel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.Test;
import pandel.core.edit.screen.ScreenEdits;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/** A prototype is handed out until it is ended, and what is saved meanwhile is there. */
class ServeCommandTest extends CommandTest {

    private Optional<String> address() {
        return out.toString().lines().filter(l -> l.startsWith("http://")).findFirst();
    }

    private static String changed(HttpClient client, String address, String since) throws Exception {
        return client.send(
                        HttpRequest.newBuilder(URI.create(address + "changed?wished=false&since=" + since))
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    @Test
    void whatIsSavedMeanwhileIsThere() throws Exception {
        Path file = folder.resolve("served.pandel");
        Files.copy(Path.of(SAMPLE), file);
        CompletableFuture<Integer> ended = new CompletableFuture<>();
        Thread serving = Thread.ofPlatform().start(() -> ended.complete(run("serve", file)));
        try (HttpClient client = HttpClient.newHttpClient();
                PictureShelf shelf = new PictureShelf()) {
            while (address().isEmpty() && serving.isAlive()) {
                Thread.onSpinWait();
            }
            String address = address().orElseThrow();
            assertThat(changed(client, address, "x")).contains("\"version\":\"0\"");
            PrototypeFile.Opened opened = PrototypeFile.open(file);
            shelf.add(opened.pictures());
            Path next = folder.resolve("next.pandel");
            PrototypeSaving.toFile(ScreenEdits.renamePrototype("Of today").applyTo(opened.prototype()), next, shelf);
            Files.move(next, file, StandardCopyOption.REPLACE_EXISTING);
            // Answered when it has changed.
            while (changed(client, address, "0").contains("\"version\":\"0\"")) {
                assertThat(serving.isAlive()).isTrue();
            }
            assertThat(client.send(
                                    HttpRequest.newBuilder(URI.create(address)).build(),
                                    HttpResponse.BodyHandlers.ofString())
                            .body())
                    .contains("<title>Of today</title>");
        } finally {
            serving.interrupt();
            serving.join();
        }
        assertThat(ended.get()).isZero();
    }

    @Test
    void whatCannotBeHandedOutIsSaid() {
        assertThat(run("serve", folder.resolve("none.pandel"))).isEqualTo(2);
        assertThat(run("serve", SAMPLE, "--port", "70000")).isEqualTo(2);
        assertThat(err.toString()).contains("A port is a number from 1 to 65535");
    }
}
