package drumnest.server.http;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.web.servlet.config.annotation.AsyncSupportConfigurer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Answers that are written while they are read, such as archives of originals, last as long as they
 * last. They have threads of their own, more than anybody will take at a time; a reader who has
 * gone ({@link SlowReaders}) is given up, so that those who wait behind it come to their turn.
 *
 * <p>Whoever answers so sends the headers before it returns: else two threads write them.
 */
@Configuration
class Downloads implements WebMvcConfigurer {

  private static final int AT_ONCE = 24;
  private static final int WAITING = 100;
  private static final long NO_LIMIT = 0;

  @Override
  public void configureAsyncSupport(AsyncSupportConfigurer async) {
    ThreadPoolTaskExecutor downloads = new ThreadPoolTaskExecutor();
    downloads.setThreadNamePrefix("download-");
    downloads.setCorePoolSize(AT_ONCE);
    downloads.setMaxPoolSize(AT_ONCE);
    downloads.setQueueCapacity(WAITING);
    downloads.setAllowCoreThreadTimeOut(true);
    downloads.setDaemon(true);
    downloads.initialize();
    async.setTaskExecutor(downloads);
    async.setDefaultTimeout(NO_LIMIT);
  }
}
