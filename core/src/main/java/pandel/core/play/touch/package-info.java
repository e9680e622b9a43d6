/** What fingers and the mouse do on a device, as what is done then: decided from the situation alone, before a step. */
@org.jspecify.annotations.NullMarked
package pandel.core.play.touch;
