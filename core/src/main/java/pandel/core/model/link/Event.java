package pandel.core.model.link;

import pandel.core.model.device.Gesture;

/** The one thing that happens next. Events name ids, not coordinates; a point is only ever a miss. */
public sealed interface Event {

    /**
     * A person touches something.
     *
     * @param key the name of the key pressed; empty for any other gesture
     */
    record Touched(Gesture gesture, String key, On on) implements Event {
        /** Any gesture but a key. */
        public Touched(Gesture gesture, On on) {
            this(gesture, "", on);
        }

        /** A cause, done there. */
        public Touched(Cause.Touch touch, On on) {
            this(touch.gesture(), touch.key(), on);
        }

        /** The cause it is. */
        public Cause.Touch touch() {
            return new Cause.Touch(gesture, key);
        }
    }

    /**
     * Text stands in a field of the current screen from now on.
     *
     * @param field id of its hotspot
     * @param text all of it; empty: nothing
     */
    record Typed(String field, String text) implements Event {}

    /**
     * What stands in a field is sent.
     *
     * @param field id of its hotspot
     */
    record Submitted(String field) implements Event {}

    /** The device's own back. */
    record DeviceBack() implements Event {}

    /**
     * The work that a link waits for is done.
     *
     * @param link id of the link
     */
    record Done(String link) implements Event {}

    /**
     * Another event, with the outcome of the link that it sets off.
     *
     * @param named the outcome's name
     */
    record Turning(Event event, String named) implements Event {}

    /**
     * Time passes, at most up to the next due wait.
     *
     * @param ms 0 or more
     */
    record Elapse(int ms) implements Event {
        public Elapse {
            if (ms < 0) {
                throw new IllegalArgumentException("Time does not run back: " + ms);
            }
        }
    }

    /** The current screen is scrolled, to px from its top. */
    record Scroll(double to) implements Event {}

    /**
     * What is meant for the list of a pair, where it stands beside its detail: a gesture, or scrolling it. Hotspots and
     * fields that stand on the list alone need not be told apart so.
     */
    record OnList(Event event) implements Event {
        public OnList {
            if (!(event instanceof Touched || event instanceof Scroll)) {
                throw new IllegalArgumentException("Only a gesture or scrolling is meant for the list of a pair");
            }
        }
    }

    /** The device changes its size, in px. */
    record Resize(double width, double height) implements Event {
        public Resize {
            if (!(width > 0) || !(height > 0)) {
                throw new IllegalArgumentException("A device has a size above 0");
            }
        }
    }

    /** What a gesture is on. */
    sealed interface On {
        /**
         * A hotspot of the current screen whose link answers.
         *
         * @param row of a repeated one, from 1; else 0
         */
        record OnHotspot(String id, int row) implements On {
            /** A hotspot that is not repeated. */
            public OnHotspot(String id) {
                this(id, 0);
            }
        }

        /** Beside an overlay or an open drawer. */
        record Outside() implements On {}

        /** A sheet, panel or drawer thrown off. */
        record Away() implements On {}

        /** A sign or word laid over the page of a sequence. */
        record OnTurn(PageTurn turn) implements On {}

        /**
         * A tab of a strip.
         *
         * @param id of the tab
         */
        record OnTab(String id) implements On {}

        /**
         * The button that floats over the places of a tab set.
         *
         * @param set its id
         */
        record OnButton(String set) implements On {}

        /**
         * An item of the open drawer, or of one that stays.
         *
         * @param id of the item
         */
        record OnItem(String id) implements On {}

        /**
         * The left sign of a header, one of its actions, or the sign behind which those are that do not fit.
         *
         * @param id of the link that it is; of the header for the sign behind which others are
         */
        record OnSign(String id) implements On {}

        /** The word for skipping that is laid over the page of a sequence. */
        record OnSkip() implements On {}

        /** The notice that stands over everything: it goes. */
        record OnNotice() implements On {}

        /**
         * The action of the notice that stands over everything; that goes.
         *
         * @param id of the action's link
         */
        record OnAction(String id) implements On {}

        /** A bare point in px of the current screen's mock: nothing answers there, or only the whole screen does. */
        record Point(double x, double y) implements On {}
    }

    /** The event itself, whatever outcome it names. */
    default Event plain() {
        return this instanceof Turning turning ? turning.event().plain() : this;
    }

    /** The outcome it names. */
    default java.util.Optional<String> outcome() {
        return this instanceof Turning turning ? java.util.Optional.of(turning.named()) : java.util.Optional.empty();
    }

    /** The same with an outcome, in place of one it names. */
    default Event turning(String outcome) {
        return new Turning(plain(), outcome);
    }

    /** A tap on a hotspot. */
    static Event tap(String hotspot) {
        return new Touched(Gesture.TAP, new On.OnHotspot(hotspot));
    }
}
