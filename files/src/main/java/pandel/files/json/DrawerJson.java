package pandel.files.json;

import static pandel.files.json.field.Codec.FLAG;
import static pandel.files.json.field.Codec.TEXT;

import java.util.List;
import java.util.Set;
import pandel.core.model.frame.Attached;
import pandel.core.model.frame.AttachedBuilder;
import pandel.core.model.frame.Drawer;
import pandel.core.model.frame.Drawer.Panel;
import pandel.core.model.frame.DrawerBuilder;
import pandel.core.model.frame.DrawerItemBuilder;
import pandel.core.model.frame.DrawerPanelBuilder;
import pandel.core.model.link.Branch;
import pandel.core.model.screen.PanelSide;
import pandel.files.Unreadable;
import pandel.files.json.field.Codec;
import pandel.files.json.field.Fields;
import pandel.files.json.field.Table;

/** Drawers, as the file holds them. */
final class DrawerJson {

    private static final int WIDEST = 100_000;
    private static final Panel USUAL = Panel.USUAL;
    private static final Codec<Branch> WHOLE_BRANCH = Codec.object(LinkJson.BRANCH);

    static final Table<Panel, DrawerPanelBuilder> PANEL = Table.<Panel, DrawerPanelBuilder>of(
                    DrawerPanelBuilder::builder, DrawerPanelBuilder::build)
            .always(
                    "side",
                    Codec.word(PanelSide.values(), PanelSide::word),
                    USUAL.side(),
                    Panel::side,
                    DrawerPanelBuilder::side)
            .always(
                    "motion",
                    Codec.word(Drawer.Moves.values(), Drawer.Moves::word),
                    USUAL.moves(),
                    Panel::moves,
                    DrawerPanelBuilder::moves)
            .always("width", Codec.NUMBER, USUAL.width(), Panel::width, DrawerPanelBuilder::width)
            .unless(0, "share", Codec.whole(0, 100), Panel::share, DrawerPanelBuilder::share)
            .unless(0.0, "gap", Codec.NUMBER, Panel::gap, DrawerPanelBuilder::gap)
            .unless(0.0, "shadow", Codec.NUMBER, Panel::shadow, DrawerPanelBuilder::shadow)
            .unless(0.0, "rests", Codec.NUMBER, Panel::rests, DrawerPanelBuilder::rests)
            .always("from", Codec.whole(1, WIDEST), USUAL.from(), Panel::from, DrawerPanelBuilder::from)
            .always("shade", Codec.whole(0, 100), USUAL.shade(), Panel::shade, DrawerPanelBuilder::shade)
            .always("reach", Codec.whole(0, WIDEST), USUAL.reach(), Panel::reach, DrawerPanelBuilder::reach)
            .always(
                    "shrinks",
                    Codec.whole(Panel.LEAST_SHRUNK, 100),
                    USUAL.shrinks(),
                    Panel::shrinks,
                    DrawerPanelBuilder::shrinks)
            .always("ground", TEXT, USUAL.ground(), Panel::ground, DrawerPanelBuilder::ground)
            .always("ink", TEXT, USUAL.ink(), Panel::ink, DrawerPanelBuilder::ink)
            .always("chosen", TEXT, USUAL.chosen(), Panel::chosen, DrawerPanelBuilder::chosen);

    static final Table<Drawer.Item, DrawerItemBuilder> ITEM = Table.<Drawer.Item, DrawerItemBuilder>of(
                    DrawerItemBuilder::builder, DrawerItemBuilder::build)
            .id(Drawer.Item::id, DrawerItemBuilder::id)
            .always("label", TEXT, "", Drawer.Item::label, DrawerItemBuilder::label)
            .unless("", "sign", TEXT, Drawer.Item::sign, DrawerItemBuilder::sign)
            .unless("", "section", TEXT, Drawer.Item::section, DrawerItemBuilder::section)
            .unless(false, "held", FLAG, Drawer.Item::held, DrawerItemBuilder::held)
            .unless(
                    Branch.of(List.of()),
                    "does",
                    Codec.of(DrawerJson::oneBranch, WHOLE_BRANCH::write),
                    Drawer.Item::does,
                    DrawerItemBuilder::does);

    static final Table<Attached, AttachedBuilder> ON = Table.<Attached, AttachedBuilder>of(
                    AttachedBuilder::builder, AttachedBuilder::build)
            .unless(false, "all", FLAG, Attached::all, AttachedBuilder::all)
            .unless(Set.of(), "screens", Codec.TEXT_SET, Attached::screens, AttachedBuilder::screens)
            .unless(Set.of(), "tabSets", Codec.TEXT_SET, Attached::tabSets, AttachedBuilder::tabSets);

    static final Table<Drawer, DrawerBuilder> DRAWER = Table.<Drawer, DrawerBuilder>of(
                    DrawerBuilder::builder, DrawerBuilder::build)
            .id(Drawer::id, DrawerBuilder::id)
            .always("title", TEXT, "", Drawer::title, DrawerBuilder::title)
            .unless("", "head", TEXT, Drawer::head, DrawerBuilder::head)
            .maybe("picture", Codec.object(MockJson.PICTURE), Drawer::picture, DrawerBuilder::picture)
            .unless(USUAL, "panel", Codec.object(PANEL), Drawer::panel, DrawerBuilder::panel)
            .unless(true, "outside", FLAG, Drawer::outside, DrawerBuilder::outside)
            .always("items", Codec.list("item", ITEM), List.of(), Drawer::items, DrawerBuilder::items)
            .always("on", Codec.object(ON), Attached.to(List.of()), Drawer::on, DrawerBuilder::on)
            .rest(Drawer::rest, DrawerBuilder::rest);

    private DrawerJson() {}

    private static Branch oneBranch(Fields in, String name) throws Unreadable {
        Branch branch = WHOLE_BRANCH.read(in, name);
        if (branch.outcome().isPresent()) {
            throw new Unreadable("In " + in.where() + ": an item has one branch, which has no outcome.");
        }
        return branch;
    }
}
