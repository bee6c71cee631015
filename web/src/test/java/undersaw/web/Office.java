package undersaw.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import undersaw.authority.AuthorityServer;

/** The whole application with its demo office and the simulated authority, started once for all tests. */
public final class Office implements ParameterResolver {
    /** The running application. */
    public static final class Running implements ExtensionContext.Store.CloseableResource, AutoCloseable {
        private final AuthorityServer authority;
        private final ConfigurableApplicationContext context;

        Running() {
            try {
                Path files = Files.createTempDirectory("undersaw-test");
                authority =
                        AuthorityServer.start(0, files.resolve("authority.db").toString());
                authority.enrolDemo();
                context = SpringApplication.run(
                        Undersaw.class,
                        "--server.port=0",
                        "--undersaw.database=" + files.resolve("undersaw.db"),
                        "--undersaw.authority=" + authority.address(),
                        "--undersaw.authority.timeout=PT2S",
                        "--undersaw.authority.poll=PT0.3S",
                        "--undersaw.demo=../demo",
                        "--undersaw.today=2026-03-09");
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        public String address() {
            return "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
        }

        public AuthorityServer authority() {
            return authority;
        }

        public <T> T bean(Class<T> type) {
            return context.getBean(type);
        }

        @Override
        public void close() {
            context.close();
            authority.close();
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == Running.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        return extension
                .getRoot()
                .getStore(Namespace.GLOBAL)
                .getOrComputeIfAbsent("office", unused -> new Running(), Running.class);
    }
}
