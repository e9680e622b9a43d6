package pandel.desktop.mocks;

import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.WeakHashMap;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import pandel.core.edit.copy.ScreenCopies;
import pandel.core.model.screen.Screen;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.clip.ScreensClip;

/** Copies of screens: made here, or put on the clipboard and in from there, in this window or another. */
final class Copying {

    private static final DataFormat FORMAT = new DataFormat(ScreensClip.TYPE);
    /** Names by which documents know what was taken from themselves. */
    private static final Map<Document, String> NAMES = Collections.synchronizedMap(new WeakHashMap<>());

    private final Work work;
    private final PageHost around;

    Copying(Work work, PageHost around) {
        this.work = work;
        this.around = around;
    }

    private String name() {
        return NAMES.computeIfAbsent(work.document(), d -> UUID.randomUUID().toString());
    }

    /** Copies screens and asks for the titles of the copies. */
    void here(List<Screen> screens) {
        ScreenCopies copies = ScreenCopies.of(work.prototype(), screens, work.naming());
        work.edit(copies.edit());
        title(copies.screens());
    }

    private void title(List<Screen> copies) {
        work.selection().choose(copies.getFirst().id());
        around.show(new CopyTitles(work, around, copies));
    }

    /** Puts screens on the clipboard. */
    void toClipboard(List<Screen> screens) {
        if (screens.isEmpty()) {
            return;
        }
        try {
            ClipboardContent content = new ClipboardContent();
            content.put(
                    FORMAT,
                    ScreensClip.of(
                                    name(),
                                    work.prototype(),
                                    screens,
                                    work.document().shelf())
                            .text());
            content.putString(
                    String.join("\n", screens.stream().map(Screen::shownTitle).toList()));
            Clipboard.getSystemClipboard().setContent(content);
            around.say((screens.size() == 1
                            ? "“" + screens.getFirst().shownTitle() + "” is copied"
                            : screens.size() + " screens are copied")
                    + "; Ctrl+V puts them in, here or in another window.");
        } catch (IOException e) {
            around.say("The pictures of these screens cannot be read, so they were not copied.");
        }
    }

    /** Whether screens are on the clipboard. */
    static boolean has() {
        return Clipboard.getSystemClipboard().hasContent(FORMAT);
    }

    /** Puts screens of the clipboard in, and asks for the titles of copies of what is here. */
    void fromClipboard() {
        List<Screen> made = paste();
        if (made.stream().anyMatch(s -> s.copyOf().isPresent())) {
            title(made);
        } else if (!made.isEmpty()) {
            work.selection().choose(made.getFirst().id());
            around.say((made.size() == 1 ? "One screen was put in" : made.size() + " screens were put in")
                    + "; links to what did not come along were left out.");
        }
    }

    private List<Screen> paste() {
        try {
            ScreensClip clip = ScreensClip.read(
                    String.valueOf(Clipboard.getSystemClipboard().getContent(FORMAT)));
            Optional<List<Screen>> own = clip.document().equals(name())
                    ? Optional.of(clip.screens().screens().stream()
                                    .flatMap(s -> work.prototype().screen(s.id()).stream())
                                    .toList())
                            .filter(all ->
                                    all.size() == clip.screens().screens().size())
                    : Optional.empty();
            ScreenCopies copies = own.isPresent()
                    ? ScreenCopies.of(work.prototype(), own.get(), work.naming())
                    : ScreenCopies.taken(work.prototype(), clip.screens(), work.naming());
            for (Map.Entry<String, byte[]> picture : clip.pictures().entrySet()) {
                String content = picture.getKey();
                work.document().shelf().take(picture.getValue(), content.substring(content.indexOf('.') + 1));
            }
            work.edit(copies.edit());
            return copies.screens();
        } catch (Unreadable e) {
            around.say(e.sentence());
            return List.of();
        } catch (IOException e) {
            around.say("The screens on the clipboard cannot be kept: the temporary folder cannot be written to.");
            return List.of();
        }
    }
}
