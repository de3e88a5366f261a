package variablerotor.server.web;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.transaction.annotation.Transactional;

/**
 * A list, a search or a report that only reads, and may be some seconds old where others wrote:
 * asked of the database's replica where one is named. What the asking device itself wrote is always
 * in it.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional(readOnly = true)
public @interface MayLag {}
