package pandel.desktop.stage;

/** The five stages, in the order of the work. */
public enum WorkStage {
    MOCKS("Mocks"),
    LINKS("Links"),
    MAP("Map"),
    PLAY("Play"),
    CHECK("Check");

    private final String title;

    WorkStage(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
