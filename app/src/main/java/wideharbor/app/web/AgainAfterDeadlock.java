package wideharbor.app.web;

import java.util.concurrent.ThreadLocalRandom;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.jspecify.annotations.Nullable;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A transaction that the database took back because it stood in another's way is run again on what stands now: two that
 * locked each other out, or one that another node of the cluster was faster than, which is told at the commit only.
 * Nothing of it had been kept. A change meant for an older revision is then refused as any other that came late.
 */
@Configuration
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class AgainAfterDeadlock {
    private static final int TRIES = 4;
    private static final long MOST_WAIT_MS = 60;

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor againAfterDeadlockAdvisor() {
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(
                new AnnotationMatchingPointcut(null, Transactional.class, true), new Around());
        // Outside of the transaction itself.
        advisor.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return advisor;
    }

    static final class Around implements MethodInterceptor {
        @Override
        public @Nullable Object invoke(MethodInvocation call) throws Throwable {
            if (TransactionSynchronizationManager.isActualTransactionActive()
                    || !(call instanceof ProxyMethodInvocation repeatable)) {
                return call.proceed();
            }
            for (int tried = 1; ; tried++) {
                try {
                    return repeatable.invocableClone().proceed();
                } catch (RuntimeException e) {
                    if (tried == TRIES || !Trouble.isTakenBack(e)) {
                        throw e;
                    }
                    Thread.sleep(ThreadLocalRandom.current().nextLong(MOST_WAIT_MS * tried));
                }
            }
        }
    }
}
