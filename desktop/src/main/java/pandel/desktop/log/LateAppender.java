package pandel.desktop.log;

import ch.qos.logback.classic.encoder.PatternLayoutEncoder;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.Appender;
import ch.qos.logback.core.AppenderBase;
import ch.qos.logback.core.ConsoleAppender;
import ch.qos.logback.core.rolling.FixedWindowRollingPolicy;
import ch.qos.logback.core.rolling.RollingFileAppender;
import ch.qos.logback.core.rolling.SizeBasedTriggeringPolicy;
import ch.qos.logback.core.util.FileSize;
import java.util.List;
import pandel.desktop.work.Journal;

/**
 * Writes a line to standard error and all of it to the file of the journal; both are made when there is something to
 * say, which mostly there is not.
 */
final class LateAppender extends AppenderBase<ILoggingEvent> {

    private static final long LARGEST = 1 << 20;

    private List<Appender<ILoggingEvent>> others = List.of();

    @Override
    protected void append(ILoggingEvent event) {
        if (others.isEmpty()) {
            others = List.of(lineForPeople(), file());
        }
        others.forEach(o -> o.doAppend(event));
    }

    private PatternLayoutEncoder lines(String pattern) {
        PatternLayoutEncoder lines = new PatternLayoutEncoder();
        lines.setContext(getContext());
        lines.setPattern(pattern);
        lines.start();
        return lines;
    }

    private ConsoleAppender<ILoggingEvent> lineForPeople() {
        ConsoleAppender<ILoggingEvent> err = new ConsoleAppender<>();
        err.setContext(getContext());
        err.setTarget("System.err");
        err.setEncoder(lines("%level %logger{0}: %msg%n%nopex"));
        err.start();
        return err;
    }

    private RollingFileAppender<ILoggingEvent> file() {
        String name = Journal.file().toString();
        RollingFileAppender<ILoggingEvent> file = new RollingFileAppender<>();
        file.setContext(getContext());
        file.setFile(name);
        file.setEncoder(lines("%d %level %logger{0} [%thread]: %msg%n"));
        FixedWindowRollingPolicy older = new FixedWindowRollingPolicy();
        older.setContext(getContext());
        older.setParent(file);
        older.setFileNamePattern(name + ".%i");
        older.setMinIndex(1);
        older.setMaxIndex(1);
        older.start();
        SizeBasedTriggeringPolicy<ILoggingEvent> large = new SizeBasedTriggeringPolicy<>();
        large.setContext(getContext());
        large.setMaxFileSize(new FileSize(LARGEST));
        large.start();
        file.setRollingPolicy(older);
        file.setTriggeringPolicy(large);
        file.start();
        return file;
    }
}
