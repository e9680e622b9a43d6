package pandel.files.json;

import static pandel.files.json.field.Codec.FLAG;
import static pandel.files.json.field.Codec.TEXT;

import java.util.List;
import java.util.Set;
import pandel.core.model.device.Gesture;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.Header;
import pandel.core.model.frame.Header.Bar;
import pandel.core.model.frame.HeaderActionBuilder;
import pandel.core.model.frame.HeaderBarBuilder;
import pandel.core.model.frame.HeaderBuilder;
import pandel.core.model.frame.HeaderLeftBuilder;
import pandel.core.model.link.Cause;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Table;

/** Headers, as the file holds them. */
final class HeaderJson {

    private static final Bar USUAL = Bar.USUAL;

    static final Table<Header.Left, HeaderLeftBuilder> LEFT = Table.<Header.Left, HeaderLeftBuilder>of(
                    HeaderLeftBuilder::builder, HeaderLeftBuilder::build)
            .always(
                    "sign",
                    Codec.word(Header.Kind.values(), Header.Kind::word),
                    Header.Kind.NONE,
                    Header.Left::kind,
                    HeaderLeftBuilder::kind)
            .unless(false, "labelled", FLAG, Header.Left::labelled, HeaderLeftBuilder::labelled)
            .unless("", "drawer", TEXT, Header.Left::drawer, HeaderLeftBuilder::drawer);

    static final Table<Header.Action, HeaderActionBuilder> ACTION = Table.<Header.Action, HeaderActionBuilder>of(
                    HeaderActionBuilder::builder, HeaderActionBuilder::build)
            .always("label", TEXT, "", Header.Action::label, HeaderActionBuilder::label)
            .unless("", "sign", TEXT, Header.Action::sign, HeaderActionBuilder::sign)
            .required(
                    "link", LinkJson.by(new Cause.Touch(Gesture.TAP)), Header.Action::link, HeaderActionBuilder::link);

    static final Table<Bar, HeaderBarBuilder> BAR = Table.<Bar, HeaderBarBuilder>of(
                    HeaderBarBuilder::builder, HeaderBarBuilder::build)
            .always("large", FLAG, USUAL.large(), Bar::large, HeaderBarBuilder::large)
            .always("stays", FLAG, USUAL.stays(), Bar::stays, HeaderBarBuilder::stays)
            .always("height", Codec.NUMBER, USUAL.height(), Bar::height, HeaderBarBuilder::height)
            .always("ground", TEXT, USUAL.ground(), Bar::ground, HeaderBarBuilder::ground)
            .always("ink", TEXT, USUAL.ink(), Bar::ink, HeaderBarBuilder::ink);

    static final Table<Header, HeaderBuilder> HEADER = Table.<Header, HeaderBuilder>of(
                    HeaderBuilder::builder, HeaderBuilder::build)
            .id(Header::id, HeaderBuilder::id)
            .always("title", TEXT, "", Header::title, HeaderBuilder::title)
            .unless("", "words", TEXT, Header::words, HeaderBuilder::words)
            .unless(Header.Left.NONE, "left", Codec.object(LEFT), Header::left, HeaderBuilder::left)
            .unless(List.of(), "actions", Codec.list("action", ACTION), Header::actions, HeaderBuilder::actions)
            .unless(USUAL, "bar", Codec.object(BAR), Header::bar, HeaderBuilder::bar)
            .always("on", Codec.object(DrawerJson.ON), Attached.to(List.of()), Header::on, HeaderBuilder::on)
            .unless(Set.of(), "hiddenOn", Codec.TEXT_SET, Header::hiddenOn, HeaderBuilder::hiddenOn)
            .rest(Header::rest, HeaderBuilder::rest);

    private HeaderJson() {}
}
