/** Numbers, dates and lists as they are spoken and written. Uses nothing of ours. */
@NullMarked
package variablerotor.core.text;

import org.jspecify.annotations.NullMarked;
