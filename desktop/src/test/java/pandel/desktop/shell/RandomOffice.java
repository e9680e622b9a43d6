package pandel.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.lang.reflect.Proxy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;
import pandel.core.edit.History;
import pandel.core.edit.Naming;
import pandel.core.edit.screen.ScreenEdits;
import pandel.core.model.Prototype;
import pandel.core.model.screen.Picture;
import pandel.core.model.screen.Screen;
import pandel.desktop.picture.PictureLibrary;
import pandel.desktop.shell.file.DocumentFiles;
import pandel.desktop.shell.file.FileChoosing;
import pandel.desktop.shell.file.PictureImport;
import pandel.desktop.shell.file.Replacing;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.stage.Question;
import pandel.desktop.stage.StageWindow;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Preferred;
import pandel.desktop.work.Threads;
import pandel.desktop.work.Work;
import pandel.files.picture.Pictures;
import pandel.files.picture.Raster;
import pandel.files.picture.Thumbnails;
import pandel.files.settings.PreferencesFile;
import pandel.files.store.FileStamp;
import pandel.files.store.PictureShelf;
import pandel.files.store.PrototypeFile;
import pandel.files.store.PrototypeSaving;

/**
 * Somebody who edits, saves, opens and takes pictures in, in any order, while each piece of background work ends
 * whenever it likes. Every prototype is known by the first word of its title, so that it shows whose work a file holds.
 */
final class RandomOffice implements Telling {

    private final Random random;
    private final Path folder;
    private final Path pictures;
    private final Queue<Runnable> files = new ConcurrentLinkedQueue<>();
    private final Queue<Runnable> window = new ConcurrentLinkedQueue<>();
    private final Deque<Path> choices = new ArrayDeque<>();
    private final Map<Path, Set<String>> allowed = new HashMap<>();
    private final Map<Path, FileStamp> outsiders = new HashMap<>();
    private final Work work;
    private final DocumentFiles keeping;
    private final PictureImport importing;
    private final Replacing replacing;
    private Optional<Question> asked = Optional.empty();
    private Optional<Region> page = Optional.empty();
    /** What it was agreed to lose, as it was then. */
    private @Nullable History agreedToLose;

    private int named;

    RandomOffice(long seed, Path folder) throws IOException {
        this.random = new Random(seed);
        this.folder = folder;
        this.pictures = Files.createDirectories(folder.resolve("pictures"));
        paint("one");
        Thumbnails thumbnails = new Thumbnails(folder.resolve("thumbnails"));
        this.work = new Work(new Naming(random::nextInt), new PictureShelf(), task -> {}, window::add, () -> {});
        Background background = new Background(work, new Threads(files::add, window::add), (effort, why) -> {
            throw new AssertionError("Could not " + effort, why);
        });
        Preferred preferred = new Preferred(new PreferencesFile(folder.resolve("preferences.json")));
        DocumentFiles.Tools tools = new DocumentFiles.Tools(chooser(), thumbnails, folder.resolve("marks"));
        this.keeping = new DocumentFiles(work, background, preferred, tools, this);
        this.importing = new PictureImport(work, background, tools, this, (told, taken) -> {});
        PictureLibrary library = new PictureLibrary(thumbnails);
        StageWindow around = (StageWindow) Proxy.newProxyInstance(
                StageWindow.class.getClassLoader(),
                new Class<?>[] {StageWindow.class},
                (proxy, method, arguments) -> switch (method.getName()) {
                    case "show" -> {
                        page = Optional.of((Region) arguments[0]);
                        yield null;
                    }
                    case "dismiss" -> {
                        page = Optional.empty();
                        yield null;
                    }
                    case "pictures" -> library;
                    default -> throw new UnsupportedOperationException(method.getName());
                });
        this.replacing = new Replacing(work, background, around, this, thumbnails);
        work.documentProperty().addListener((o, before, now) -> {
            boolean nothingLost = before.history().isSaved() && before.running().isEmpty();
            assertThat(nothingLost || agreedToLose == before.history())
                    .as(
                            "%s was left with nobody agreeing to lose it",
                            before.prototype().title())
                    .isTrue();
            agreedToLose = null;
            page = Optional.empty();
            // What was read from there may be written over.
            now.place().ifPresent(p -> outsiders.remove(p.path(), p.stamp().orElse(FileStamp.NONE)));
            if (now.place().isEmpty()) {
                work.edit(ScreenEdits.renamePrototype("P" + ++named + " 0"));
            }
        });
        work.edit(ScreenEdits.renamePrototype("P0 0"));
    }

    private void paint(String name) throws IOException {
        int[] argb = random.ints(12 * 12).map(c -> c | 0xff000000).toArray();
        Files.write(pictures.resolve(name + ".png"), Pictures.png(new Raster(12, 12, argb)));
    }

    private FileChoosing chooser() {
        return new NextFile(choices) {
            @Override
            public Optional<Path> saveAs(String name) {
                Optional<Path> path = super.saveAs(name);
                path.ifPresent(p -> {
                    allowed.computeIfAbsent(p, x -> new HashSet<>()).add(owner(work.prototype()));
                    outsiders.remove(p);
                });
                return path;
            }
        };
    }

    private static String owner(Prototype prototype) {
        return prototype.title().split(" ")[0];
    }

    private Path anyFile() {
        return folder.resolve("file" + random.nextInt(3) + ".pandel");
    }

    /** One thing happens: the person does something, or some background work gets on. */
    void step() throws Exception {
        if (asked.isPresent()) {
            // Nothing else can be pressed while something is asked; work in the background goes on.
            switch (random.nextInt(3)) {
                case 0 -> answer();
                case 1 -> poll(files);
                default -> poll(window);
            }
            return;
        }
        if (page.isPresent()) {
            switch (random.nextInt(4)) {
                case 0 -> press(page.get());
                case 1 -> page = Optional.empty();
                case 2 -> poll(files);
                default -> poll(window);
            }
            return;
        }
        choices.clear();
        switch (random.nextInt(18)) {
            case 0, 1, 2 -> poll(files);
            case 3, 4, 5 -> poll(window);
            case 6, 7, 8 -> work.edit(ScreenEdits.renamePrototype(owner(work.prototype()) + " " + ++named));
            case 9 -> {
                choices.add(anyFile());
                keeping.saveAs();
            }
            case 10, 11 -> {
                choices.add(anyFile());
                keeping.save();
            }
            case 12 -> keeping.startNew();
            case 13 -> {
                choices.add(anyFile());
                keeping.open();
            }
            case 14 -> importing.gather(List.of(pictures));
            case 15 -> {
                String mine = owner(work.prototype());
                work.undo();
                if (!owner(work.prototype()).equals(mine)) {
                    work.redo();
                }
                keeping.lookOutside();
            }
            case 16 -> outside();
            default -> {
                paint("one");
                if (random.nextBoolean()) {
                    replacing.compare(List.of(pictures));
                } else {
                    replacing.watch(pictures);
                }
            }
        }
    }

    private void poll(Queue<Runnable> queue) throws Exception {
        Runnable next = queue.poll();
        if (next != null) {
            next.run();
            look();
        }
    }

    private void answer() {
        Question question = asked.orElseThrow();
        asked = Optional.empty();
        Question.Answer answer =
                question.answers().get(random.nextInt(question.answers().size()));
        if (List.of("Lose them", "Leave it all the same", "Load it again").contains(answer.words())) {
            agreedToLose = work.document().history();
        }
        if (List.of("Save over it", "Keep mine").contains(answer.words())) {
            outsiders.clear();
        }
        choices.clear();
        choices.add(anyFile());
        answer.then().run();
    }

    private static void press(Region page) {
        page.applyCss();
        page.lookupAll(".button").stream()
                .map(Button.class::cast)
                .filter(b -> !b.isDisabled())
                .findFirst()
                .ifPresent(Button::fire);
    }

    /** Another program writes to a file. */
    private void outside() throws Exception {
        Path file = anyFile();
        try (PictureShelf shelf = new PictureShelf()) {
            String title = "Outside" + ++named;
            PrototypeSaving.toFile(Prototype.empty(title + " 0"), file, shelf);
            allowed.computeIfAbsent(file, x -> new HashSet<>()).add(title);
            outsiders.put(file, FileStamp.of(file).orElseThrow());
        }
    }

    /** No file holds what nobody put there, and what another program wrote is not written over unasked. */
    private void look() throws Exception {
        for (Map.Entry<Path, Set<String>> file : allowed.entrySet()) {
            if (Files.exists(file.getKey())) {
                assertThat(file.getValue())
                        .as("whose work may be in %s", file.getKey().getFileName())
                        .contains(owner(PrototypeFile.open(file.getKey()).prototype()));
            }
        }
        outsiders.forEach((file, stamp) -> assertThat(FileStamp.of(file))
                .as("what another program wrote to %s", file.getFileName())
                .contains(stamp));
    }

    /** Everything ends; what is open is all there, and its file holds it if it says so. */
    void finish() throws Exception {
        while (!files.isEmpty() || !window.isEmpty()) {
            poll(files);
            poll(window);
        }
        replacing.end();
        Document document = work.document();
        assertThat(document.running()).isEmpty();
        for (Screen screen : work.prototype().screens()) {
            for (var mock : screen.mocks()) {
                assertThat(document.shelf().read(((Picture) mock).content()))
                        .as("the picture of %s", screen.title())
                        .isPresent();
            }
        }
        Optional<Path> path = document.kept().map(Document.Kept::path);
        if (path.isPresent()
                && work.isSaved()
                && document.place().flatMap(Document.Place::stamp).equals(FileStamp.of(path.get()))) {
            assertThat(PrototypeFile.open(path.get()).prototype()).isEqualTo(work.prototype());
        }
        document.close();
    }

    @Override
    public void say(String sentence) {
        assertThat(sentence).isNotBlank();
    }

    @Override
    public void offer(String sentence, String what, Runnable action) {
        if (random.nextBoolean()) {
            action.run();
        }
    }

    @Override
    public void progress(String sentence, double share, Runnable onStop) {
        if (random.nextInt(20) == 0) {
            onStop.run();
        }
    }

    @Override
    public void done() {}

    @Override
    public void ask(Question question) {
        asked = Optional.of(question);
    }

    @Override
    public boolean isAsking() {
        return asked.isPresent();
    }
}
