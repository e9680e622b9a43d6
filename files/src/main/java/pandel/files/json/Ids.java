package pandel.files.json;

import pandel.files.Unreadable;

/** Claims ids, which are used once in a file. */
@FunctionalInterface
interface Ids {

    /** Takes an id, or says that it is taken. */
    String claim(Fields at, String id) throws Unreadable;
}
