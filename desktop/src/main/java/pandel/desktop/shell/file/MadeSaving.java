package pandel.desktop.shell.file;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import pandel.core.check.Checked;
import pandel.desktop.shell.notice.Telling;
import pandel.desktop.work.Background;
import pandel.desktop.work.Document;
import pandel.desktop.work.Work;
import pandel.files.Unreadable;
import pandel.files.handon.Course;
import pandel.files.store.Beside;

/** Saves what is made of a prototype for somebody else: a report, a page that plays, a table. */
final class MadeSaving {

    private final Work work;
    private final Background background;
    private final FileChoosing choosing;
    private final Telling telling;

    /** Makes it, off the interface thread. */
    interface Maker {
        byte[] of(Checked checked, Document document, Course course) throws Unreadable, IOException;
    }

    MadeSaving(Work work, Background background, FileChoosing choosing, Telling telling) {
        this.work = work;
        this.background = background;
        this.choosing = choosing;
        this.telling = telling;
    }

    /**
     * @param what it is, as it goes on after "the"
     * @param name of the file that is offered, without its ending
     */
    void save(String what, String name, String ending, Maker maker) {
        Optional<Checked> checked = checked(what);
        if (checked.isEmpty()) {
            return;
        }
        choosing.report(name + "." + ending).ifPresent(chosen -> {
            boolean named = String.valueOf(chosen.getFileName()).contains(".");
            Path file = named ? chosen : chosen.resolveSibling(chosen.getFileName() + "." + ending);
            make("save", what, checked.get(), maker, () -> file, (made, going) -> telling.say(going.told(made)));
        });
    }

    /** Makes it where it goes when the program ends, and shows it as the system does. */
    void look(String what, String name, String ending, Maker maker) {
        checked(what)
                .ifPresent(checked -> make(
                        "make",
                        what,
                        checked,
                        maker,
                        () -> {
                            Path folder = Files.createTempDirectory("pandel-look");
                            Path file = folder.resolve(name + "." + ending);
                            folder.toFile().deleteOnExit();
                            file.toFile().deleteOnExit();
                            return file;
                        },
                        (made, going) -> choosing.look(made)));
    }

    /** Where it goes; asked off the interface thread. */
    private interface Place {
        Path of() throws IOException;
    }

    private Optional<Checked> checked(String what) {
        Optional<Checked> checked = work.checked().filter(c -> c.prototype() == work.prototype());
        if (checked.isEmpty()) {
            telling.say("The checks are still at work; the " + what + " can be made as soon as they are through.");
        }
        return checked;
    }

    /** @param effort what is done with it, in a word that goes on after "Could not" */
    private void make(
            String effort, String what, Checked checked, Maker maker, Place place, BiConsumer<Path, Going> then) {
        Document document = work.document();
        Going going = new Going(what, document);
        background.run(document, Optional.of("making the " + what), effort + " the " + what, () -> {
            Path file;
            try {
                byte[] made = maker.of(checked, document, going);
                file = place.of();
                Beside.write(file, made);
            } catch (InterruptedIOException e) {
                return () -> {
                    telling.done();
                    telling.say("Stopped; nothing was written.");
                };
            }
            return () -> {
                telling.done();
                then.accept(file, going);
            };
        });
    }

    /** Shows how far it is, and stops it. */
    private final class Going implements Course {
        private final String what;
        private final Document document;
        private final Set<String> missing = ConcurrentHashMap.newKeySet();
        private final Queue<String> left = new ConcurrentLinkedQueue<>();
        private volatile boolean stopped;

        Going(String what, Document document) {
            this.what = what;
            this.document = document;
        }

        @Override
        public void missing(String content) {
            missing.add(content);
        }

        @Override
        public void told(String sentence) {
            left.add(sentence);
        }

        @Override
        public void ready(int pictures, int of) {
            background.tell(
                    document,
                    () -> telling.progress(
                            "Making the " + what + ": " + pictures + " of " + of + " pictures",
                            (double) pictures / of,
                            () -> stopped = true));
        }

        @Override
        public boolean isStopped() {
            return stopped;
        }

        private String told(Path file) {
            String there = "The " + what + " is in “" + file.getFileName() + "”";
            String whole = missing.isEmpty()
                    ? there + "."
                    : there + "; " + (missing.size() == 1 ? "one picture" : missing.size() + " pictures")
                            + " could not be read, and their screens show their titles there.";
            return whole + left.stream().map(l -> " " + l).collect(Collectors.joining());
        }
    }
}
