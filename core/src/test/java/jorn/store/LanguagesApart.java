package jorn.store;

import java.io.File;
import java.io.IOException;
import java.lang.reflect.InvocationTargetException;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.util.Arrays;
import jorn.say.Language;

/** The program as it is where it is started in a language: its classes loaded anew, as some keep words that they read when they are loaded. */
final class LanguagesApart {
    private LanguagesApart() {}

    /**
     * Calls a static method of a class among those loaded anew.
     *
     * @param argument and what comes back: of classes of the platform alone
     */
    static Object call(Language language, Class<?> of, String method, Object argument)
            throws IOException, ReflectiveOperationException {
        Thread thread = Thread.currentThread();
        ClassLoader before = thread.getContextClassLoader();
        try (URLClassLoader apart = new URLClassLoader(classPath(), ClassLoader.getPlatformClassLoader())) {
            thread.setContextClassLoader(apart);
            Class<?> languages = apart.loadClass(Language.class.getName());
            Object wanted = languages.getMethod("valueOf", String.class).invoke(null, language.name());
            apart.loadClass("jorn.say.Wording").getMethod("speak", languages).invoke(null, wanted);
            var called = apart.loadClass(of.getName()).getDeclaredMethod(method, Object.class);
            called.setAccessible(true);
            return called.invoke(null, argument);
        } catch (InvocationTargetException e) {
            throw new AssertionError(language + ": " + e.getCause().getMessage(), e.getCause());
        } finally {
            thread.setContextClassLoader(before);
        }
    }

    private static URL[] classPath() {
        return Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
                .map(LanguagesApart::url)
                .toArray(URL[]::new);
    }

    private static URL url(String entry) {
        try {
            return new File(entry).toURI().toURL();
        } catch (MalformedURLException e) {
            throw new IllegalArgumentException(e);
        }
    }
}
