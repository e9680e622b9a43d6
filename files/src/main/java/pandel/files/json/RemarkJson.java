package pandel.files.json;

import static pandel.files.json.field.Codec.FLAG;
import static pandel.files.json.field.Codec.TEXT;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.io.IOException;
import java.util.List;
import pandel.core.model.remark.Remark;
import pandel.core.model.remark.RemarkBuilder;
import pandel.core.model.remark.RemarkStepBuilder;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Json;
import pandel.files.json.field.Table;

/** Remarks, as files hold them. */
public final class RemarkJson {

    private static final Table<Remark.Step, RemarkStepBuilder> STEP = Table.<Remark.Step, RemarkStepBuilder>of(
                    RemarkStepBuilder::builder, RemarkStepBuilder::build)
            .required("device", TEXT, Remark.Step::device, RemarkStepBuilder::device)
            .required("start", TEXT, Remark.Step::start, RemarkStepBuilder::start)
            .always(
                    "events",
                    Codec.list("event", EventJson.EVENT),
                    List.of(),
                    Remark.Step::events,
                    RemarkStepBuilder::events);

    /** In the order of the file. */
    public static final Table<Remark, RemarkBuilder> REMARK = Table.<Remark, RemarkBuilder>of(
                    RemarkBuilder::builder, RemarkBuilder::build)
            .id("remark", Remark::id, RemarkBuilder::id)
            .required("screen", TEXT, Remark::screen, RemarkBuilder::screen)
            .maybe("hotspot", TEXT, Remark::hotspot, RemarkBuilder::hotspot)
            .maybe("link", TEXT, Remark::link, RemarkBuilder::link)
            .maybe("step", Codec.object(STEP), Remark::step, RemarkBuilder::step)
            .always("words", TEXT, "", Remark::words, RemarkBuilder::words)
            .always("by", TEXT, "", Remark::by, RemarkBuilder::by)
            .always("made", TEXT, "", Remark::made, RemarkBuilder::made)
            .unless(false, "settled", FLAG, Remark::settled, RemarkBuilder::settled)
            .rest(Remark::rest, RemarkBuilder::rest);

    private RemarkJson() {}

    /** One step alone. */
    public static Remark.Step step(String text) throws Unreadable, IOException {
        try {
            return STEP.read(Fields.file(Json.tree(text), "the step"));
        } catch (JsonProcessingException e) {
            throw new Unreadable("The step is not sound JSON.", e);
        }
    }
}
