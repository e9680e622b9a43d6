package pandel.desktop.shell.file;

import java.util.function.Supplier;
import pandel.desktop.shell.page.Handing;
import pandel.desktop.work.Preferred;
import pandel.files.handon.HandOn;

/** Makes what others can open who do not have Pandel. */
final class HandingOn implements Handing {

    private final Preferred preferred;
    private final MadeSaving making;
    private final Supplier<String> name;

    /** @param name what a file is called that nobody has named, without its ending */
    HandingOn(Preferred preferred, MadeSaving making, Supplier<String> name) {
        this.preferred = preferred;
        this.making = making;
        this.name = name;
    }

    @Override
    public String last() {
        return preferred.now().handed();
    }

    @Override
    public void look(HandOn kind) {
        making.look("file", name.get(), kind.ending(), maker(kind));
    }

    @Override
    public void save(HandOn kind) {
        preferred.change(p -> p.handedOn(kind.word()));
        making.save("file", name.get() + (kind == HandOn.HTML ? "" : " " + kind.word()), kind.ending(), maker(kind));
    }

    private static MadeSaving.Maker maker(HandOn kind) {
        return (checked, document, course) -> kind.of(checked, document.shelf(), course);
    }
}
