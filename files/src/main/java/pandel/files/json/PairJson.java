package pandel.files.json;

import pandel.core.model.frame.Pair;
import pandel.core.model.frame.PairBuilder;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Table;

/** Pairs, as the file holds them. */
final class PairJson {

    static final Table<Pair, PairBuilder> PAIR = Table.<Pair, PairBuilder>of(PairBuilder::builder, PairBuilder::build)
            .id(Pair::id, PairBuilder::id)
            .required("list", Codec.TEXT, Pair::list, PairBuilder::list)
            .required("detail", Codec.TEXT, Pair::detail, PairBuilder::detail)
            .unless(Pair.USUAL_SHARE, "share", Codec.whole(Pair.LEAST, Pair.MOST), Pair::share, PairBuilder::share)
            .rest(Pair::rest, PairBuilder::rest);

    private PairJson() {}
}
