package jorn.say;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Makes a component of a record a setting that people see and change beside the page. A component without it is set in
 * another way. Constants of an enumeration that is chosen from may be labelled too; without a label they are called as {@code layout.option} has it.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.RECORD_COMPONENT, ElementType.FIELD})
public @interface Label {
    /** The key of what it is called; see {@link Wording}. Left out where the settings inside have names of their own. */
    String value() default "";

    /** How it is shown and read. */
    SettingKind as() default SettingKind.BY_TYPE;

    /** Whether these are the words that are typed over on the page itself. */
    boolean onPage() default false;
}
