package pandel.files.json;

import static pandel.files.json.field.Codec.FLAG;
import static pandel.files.json.field.Codec.TEXT;

import java.util.Map;
import pandel.core.model.frame.Sequence;
import pandel.core.model.frame.SequenceBuilder;
import pandel.core.model.frame.SequenceLaidBuilder;
import pandel.core.model.link.Cause;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Table;

/** Sequences with what is laid on their pages, as the file holds them. */
final class SequenceJson {

    private static final Sequence.Laid NOTHING = Sequence.Laid.NOTHING;

    static final Table<Sequence.Laid, SequenceLaidBuilder> LAID = Table.<Sequence.Laid, SequenceLaidBuilder>of(
                    SequenceLaidBuilder::builder, SequenceLaidBuilder::build)
            .unless(false, "dots", FLAG, Sequence.Laid::dots, SequenceLaidBuilder::dots)
            .unless("", "previous", TEXT, Sequence.Laid::previous, SequenceLaidBuilder::previous)
            .unless("", "next", TEXT, Sequence.Laid::next, SequenceLaidBuilder::next)
            .unless("", "last", TEXT, Sequence.Laid::last, SequenceLaidBuilder::last)
            .unless("", "skip", TEXT, Sequence.Laid::skip, SequenceLaidBuilder::skip)
            .always("ink", TEXT, NOTHING.ink(), Sequence.Laid::ink, SequenceLaidBuilder::ink);

    static final Table<Sequence, SequenceBuilder> SEQUENCE = Table.<Sequence, SequenceBuilder>of(
                    SequenceBuilder::builder, SequenceBuilder::build)
            .id(Sequence::id, SequenceBuilder::id)
            .always("title", TEXT, "", Sequence::title, SequenceBuilder::title)
            .always("pages", Codec.TEXTS, java.util.List.of(), Sequence::pages, SequenceBuilder::pages)
            .unless(true, "swipes", FLAG, Sequence::swipes, SequenceBuilder::swipes)
            .unless(true, "backs", FLAG, Sequence::backs, SequenceBuilder::backs)
            .unless(NOTHING, "laid", Codec.object(LAID), Sequence::laid, SequenceBuilder::laid)
            .unless(Map.of(), "chosen", Codec.byName(LinkJson.CHOSEN), Sequence::effects, SequenceBuilder::effects)
            .maybe("finish", LinkJson.by(new Cause.Finish()), Sequence::finish, SequenceBuilder::finish)
            .maybe("skip", LinkJson.by(new Cause.Skip()), Sequence::skip, SequenceBuilder::skip)
            .rest(Sequence::rest, SequenceBuilder::rest);

    private SequenceJson() {}
}
