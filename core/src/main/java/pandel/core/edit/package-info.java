/**
 * What a person changes, as values: an {@link Edit} has a name for people and makes a new prototype from the old;
 * {@link History} keeps the prototypes. What every kind of edit needs stands here, each kind in a package of its own.
 * An edit takes in records of the model and gives out a prototype that shares what did not change; nothing here knows
 * of files or windows.
 */
@NullMarked
package pandel.core.edit;

import org.jspecify.annotations.NullMarked;
