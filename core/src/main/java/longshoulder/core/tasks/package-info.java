/** Work that several processors share. */
@NullMarked
package longshoulder.core.tasks;

import org.jspecify.annotations.NullMarked;
