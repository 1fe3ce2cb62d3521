package fluidframe.app.backups;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Makes a backup a day without being asked. */
@Component
@Lazy(false)
class DailyBackup {

    private static final Logger LOG = LoggerFactory.getLogger(DailyBackup.class);
    private static final int FIRST_MILLISECONDS = 60_000;
    private static final int BETWEEN_LOOKS_MILLISECONDS = 600_000;

    private final Backups backups;

    DailyBackup(@Lazy Backups backups) {
        this.backups = backups;
    }

    @Scheduled(initialDelay = FIRST_MILLISECONDS, fixedDelay = BETWEEN_LOOKS_MILLISECONDS)
    void make() {
        try {
            backups.makeDaily();
        } catch (RuntimeException e) {
            LOG.warn("Today's backup could not be made: {}", e.getMessage());
        }
    }
}
