package variablerotor.server.replica;

import io.micrometer.core.instrument.Metrics;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.aop.Advisor;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.jdbc.datasource.DelegatingDataSource;
import org.springframework.jdbc.datasource.LazyConnectionDataSourceProxy;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.util.WebUtils;
import variablerotor.server.web.MayLag;

/** Which database a reading transaction is begun at. */
@Configuration(proxyBeanMethods = false)
@ConditionalOnProperty("rotor.replica.url")
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class Routing {
  /** Set while something runs that may lag, and may be asked of the replica. */
  private static final ThreadLocal<Boolean> TO_REPLICA = ThreadLocal.withInitial(() -> false);

  /** Around the application's connections; a transaction that writes never sees the replica. */
  @Bean
  @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
  static BeanPostProcessor connections(ObjectProvider<Replica> replica) {
    return new BeanPostProcessor() {
      @Override
      public Object postProcessAfterInitialization(Object bean, String name) {
        if (!(bean instanceof DataSource primary)) {
          return bean;
        }
        LazyConnectionDataSourceProxy lazy = new LazyConnectionDataSourceProxy(primary);
        lazy.setReadOnlyDataSource(new Either(primary, replica));
        return lazy;
      }
    };
  }

  private static final class Either extends DelegatingDataSource {
    private final ObjectProvider<Replica> replica;

    Either(DataSource primary, ObjectProvider<Replica> replica) {
      super(primary);
      this.replica = replica;
    }

    @Override
    public Connection getConnection() throws SQLException {
      if (!TO_REPLICA.get()) {
        return super.getConnection();
      }
      Replica there = replica.getObject();
      try {
        return there.connection();
      } catch (SQLException gone) {
        there.leaveAlone();
        return super.getConnection();
      }
    }
  }

  @Bean
  @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
  static Advisor mayLag(ObjectProvider<Replica> replica) {
    DefaultPointcutAdvisor advisor =
        new DefaultPointcutAdvisor(
            AnnotationMatchingPointcut.forMethodAnnotation(MayLag.class), new Chooser(replica));
    // Before the transaction begins.
    advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
    return advisor;
  }

  private static final class Chooser implements MethodInterceptor {
    private final ObjectProvider<Replica> replica;

    Chooser(ObjectProvider<Replica> replica) {
      this.replica = replica;
    }

    @Override
    public @Nullable Object invoke(MethodInvocation asked) throws Throwable {
      // Within another transaction it reads what that one reads.
      if (TO_REPLICA.get() || TransactionSynchronizationManager.isActualTransactionActive()) {
        return asked.proceed();
      }
      Replica there = replica.getObject();
      if (!there.isCloseEnough(seen())) {
        count("primary");
        return asked.proceed();
      }
      TO_REPLICA.set(true);
      try {
        Object found = ((ProxyMethodInvocation) asked).invocableClone().proceed();
        count("replica");
        return found;
      } catch (RuntimeException fault) {
        SQLException cause = sql(fault);
        if (cause == null) {
          throw fault;
        }
        // A row that was swept away under a reader is no sign of more (class 40).
        if (!String.valueOf(cause.getSQLState()).startsWith("40")) {
          there.leaveAlone();
        }
      } finally {
        TO_REPLICA.remove();
      }
      // Nothing was changed, so it can be asked anew.
      count("primary");
      return asked.proceed();
    }

    private static @Nullable SQLException sql(Throwable fault) {
      for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
        if (cause instanceof SQLException sql) {
          return sql;
        }
      }
      return null;
    }

    private static void count(String at) {
      Metrics.counter("rotor.lists", "at", at).increment();
    }

    /** What the asking device wrote last; nothing where it wrote nothing. */
    private static @Nullable Place seen() {
      if (!(RequestContextHolder.getRequestAttributes()
          instanceof ServletRequestAttributes attributes)) {
        return null;
      }
      HttpServletRequest request = attributes.getRequest();
      Cookie told = WebUtils.getCookie(request, OwnWrites.COOKIE);
      return told == null ? null : Place.read(told.getValue());
    }
  }
}
