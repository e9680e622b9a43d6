package pandel.desktop.links;

import pandel.core.model.link.Cause;
import pandel.core.model.link.Link;
import pandel.core.model.link.Verb;
import pandel.core.model.screen.Hotspot;
import pandel.desktop.frames.DrawerDesk;
import pandel.desktop.frames.HeaderDesk;
import pandel.desktop.frames.SequenceDesk;
import pandel.desktop.frames.TabSetDesk;
import pandel.desktop.links.action.DeskActions;
import pandel.desktop.links.sentence.BusyPage;
import pandel.desktop.links.sentence.DeskRequests;
import pandel.desktop.links.sentence.MotionPage;
import pandel.desktop.links.sentence.RowsPage;
import pandel.desktop.stage.PageHost;
import pandel.desktop.work.Work;

/** What the sentence asks of the desk, as the view of links does it. */
record SentenceDesk(LinksView view, Work work, PageHost around, DeskActions actions) implements DeskRequests {

    @Override
    public void find() {
        view.find();
    }

    @Override
    public void share(Hotspot hotspot) {
        view.share(hotspot);
    }

    @Override
    public void linkScreen(Cause cause) {
        view.linkScreen(cause);
    }

    @Override
    public boolean isListed() {
        return view.isListed();
    }

    @Override
    public void frame(String id) {
        SequenceDesk.open(work, around, id);
        TabSetDesk.open(work, around, id);
        DrawerDesk.open(work, around, id);
        HeaderDesk.open(work, around, id);
    }

    @Override
    public void nextWaiting() {
        view.nextWaiting();
    }

    @Override
    public void rows(Hotspot hotspot) {
        around.show(new RowsPage(work, hotspot, around::say, around::dismiss));
    }

    @Override
    public void layWords(Hotspot hotspot) {
        view.layWords(hotspot);
    }

    @Override
    public void values() {
        view.values();
    }

    @Override
    public void motion(Link link, int number) {
        around.show(new MotionPage(work, around.pictures(), link, number, actions::lastMotion, around::dismiss));
    }

    @Override
    public void busySign(Link link) {
        around.show(new BusyPage(work, around.pictures(), actions.screen(), link.id(), around::dismiss));
    }

    @Override
    public void chooseVerb(Verb verb) {
        view.chooseVerb(verb);
    }

    @Override
    public void walkOn() {
        view.walk.walkOn();
    }

    @Override
    public void say(String sentence) {
        around.say(sentence);
    }
}
