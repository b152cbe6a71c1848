package ablemedic.app;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.ThrowableProxyUtil;
import ch.qos.logback.core.AppenderBase;
import org.slf4j.LoggerFactory;

/** The newest failure that the program logged: a test that is answered with 500 says why. */
final class LoggedFailures extends AppenderBase<ILoggingEvent> {
    private static final LoggedFailures NEWEST = new LoggedFailures();
    private static final int LONGEST = 4000;

    private volatile String newest = "nothing was logged";

    /** Begins to listen; a start of the program ends that. */
    static void listen() {
        Logger all = (Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME);
        NEWEST.start();
        all.addAppender(NEWEST);
    }

    static String newest() {
        return NEWEST.newest;
    }

    @Override
    protected void append(ILoggingEvent event) {
        if (event.getLevel().isGreaterOrEqual(Level.ERROR) && event.getThrowableProxy() != null) {
            String trace = ThrowableProxyUtil.asString(event.getThrowableProxy());
            newest = trace.substring(0, Math.min(LONGEST, trace.length()));
        }
    }
}
