package pandel.desktop.log;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.spi.Configurator;
import ch.qos.logback.core.spi.ContextAwareBase;

/** Sets the log up without reading a file of settings at each start; the service file names it. */
public final class LogSetup extends ContextAwareBase implements Configurator {

    @Override
    public ExecutionStatus configure(LoggerContext context) {
        LateAppender late = new LateAppender();
        late.setContext(context);
        late.start();
        Logger root = context.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
        root.setLevel(Level.WARN);
        root.addAppender(late);
        return ExecutionStatus.DO_NOT_INVOKE_NEXT_IF_ANY;
    }
}
