package pandel.core.check.turn;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import pandel.core.model.frame.AtPage;
import pandel.core.play.rule.EnclosingTab;
import pandel.core.play.rule.StackQuery;

/**
 * What the rules asked of what lies behind a cell and beneath it, with the answers. Wherever else the same is answered,
 * the rules do the same, however much more is known there.
 */
public final class Asked {

    private enum About {
        BEHIND,
        SET_BEHIND,
        GROUND_IS_KNOWN,
        GROUND_IS_BASE,
        GROUND_IS_FIRST,
        LEVELS,
        PAGE_ON_GROUND,
        TABS_ON_GROUND,
        ON_GROUND,
        BEHIND_GROUND,
        SET_ON_GROUND
    }

    /** @param id of a screen, a sequence or a set; else empty */
    private record Question(About about, String id) {

        private Object answer(StackQuery of) {
            return switch (about) {
                case BEHIND -> of.behind(id);
                case SET_BEHIND -> of.setBehind(id);
                case GROUND_IS_KNOWN -> of.ground().isPresent();
                case GROUND_IS_BASE -> ground(of).base();
                case GROUND_IS_FIRST -> ground(of).first();
                case LEVELS -> ground(of).levels();
                case PAGE_ON_GROUND -> ground(of).at();
                case TABS_ON_GROUND -> ground(of).around();
                case ON_GROUND -> of.onGround(id);
                case BEHIND_GROUND -> of.behindGround(id);
                case SET_ON_GROUND -> of.setOnGround(id);
            };
        }

        /** Of one whose ground is known: that is asked first. */
        private static StackQuery.Ground ground(StackQuery of) {
            return of.ground().orElseThrow();
        }
    }

    private final Map<Question, Object> answers = new LinkedHashMap<>();

    Asked() {}

    /** Whether another answers all that was asked alike. */
    boolean isAnsweredAlike(StackQuery other) {
        for (Map.Entry<Question, Object> asked : answers.entrySet()) {
            if (!asked.getValue().equals(asked.getKey().answer(other))) {
                return false;
            }
        }
        return true;
    }

    /** The same query, with what is asked of it noted here. */
    StackQuery noting(StackQuery of) {
        return new Noting(of);
    }

    private <T> T note(About about, String id, Supplier<T> answer) {
        T answered = answer.get();
        answers.putIfAbsent(new Question(about, id), answered);
        return answered;
    }

    private final class Noting implements StackQuery {
        private final StackQuery of;

        private Noting(StackQuery of) {
            this.of = of;
        }

        @Override
        public Found behind(String screen) {
            return note(About.BEHIND, screen, () -> of.behind(screen));
        }

        @Override
        public Set setBehind(String set) {
            return note(About.SET_BEHIND, set, () -> of.setBehind(set));
        }

        @Override
        public Optional<Ground> ground() {
            Optional<Ground> ground = of.ground();
            note(About.GROUND_IS_KNOWN, "", ground::isPresent);
            return ground.map(NotingGround::new);
        }

        @Override
        public Found onGround(String screen) {
            return note(About.ON_GROUND, screen, () -> of.onGround(screen));
        }

        @Override
        public Found behindGround(String screen) {
            return note(About.BEHIND_GROUND, screen, () -> of.behindGround(screen));
        }

        @Override
        public Set setOnGround(String set) {
            return note(About.SET_ON_GROUND, set, () -> of.setOnGround(set));
        }
    }

    private final class NotingGround implements StackQuery.Ground {
        private final StackQuery.Ground of;

        private NotingGround(StackQuery.Ground of) {
            this.of = of;
        }

        @Override
        public boolean base() {
            return note(About.GROUND_IS_BASE, "", of::base);
        }

        @Override
        public boolean first() {
            return note(About.GROUND_IS_FIRST, "", of::first);
        }

        @Override
        public int levels() {
            return note(About.LEVELS, "", of::levels);
        }

        @Override
        public Optional<AtPage> at() {
            return note(About.PAGE_ON_GROUND, "", of::at);
        }

        @Override
        public List<EnclosingTab> around() {
            return note(About.TABS_ON_GROUND, "", of::around);
        }
    }
}
