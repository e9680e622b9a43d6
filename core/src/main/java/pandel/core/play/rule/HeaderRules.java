package pandel.core.play.rule;

import java.util.List;
import java.util.Optional;
import pandel.core.model.Prototype;
import pandel.core.model.device.Cannot;
import pandel.core.model.device.Device;
import pandel.core.model.frame.Header;
import pandel.core.model.link.Branch;
import pandel.core.model.link.Link;

/** Which header lies over a place, and which of its signs are there. */
public final class HeaderRules {

    private HeaderRules() {}

    /**
     * The header over a place: the first in file order that is attached there and not hidden.
     *
     * @param around the tab sets around it
     */
    public static Optional<Header> shown(Prototype prototype, Device device, String screen, List<EnclosingTab> around) {
        return prototype.headers().isEmpty() || device.refuses(Cannot.HEADERS)
                ? Optional.empty()
                : prototype.headers().stream()
                        .filter(h -> !h.hiddenOn().contains(screen)
                                && DrawerRules.isAttached(prototype, h.on(), screen, around))
                        .findFirst();
    }

    static Optional<Header> shown(Prototype prototype, Head head) {
        return shown(prototype, head.device(), head.screen(), head.around());
    }

    /** The left sign as a link, where it is there; while a drawer is open as if none were. */
    static Optional<Link> left(Rules rules, Head head, Header header) {
        return header.leftLink().filter(link -> isThere(rules.branch(head.closed(), only(link))));
    }

    private static boolean isThere(RuleOutcome outcome) {
        return outcome instanceof RuleOutcome.Acts || outcome instanceof RuleOutcome.Depends;
    }

    private static Branch only(Link link) {
        return link.branches().getFirst();
    }
}
