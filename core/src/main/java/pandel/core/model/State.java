package pandel.core.model;

import java.util.List;

/**
 * Another look of a screen.
 *
 * @param mocks one for each width it was drawn for
 */
public record State(String id, String title, List<Mock> mocks, Rest rest) {

    public State {
        mocks = List.copyOf(mocks);
    }
}
