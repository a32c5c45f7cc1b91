package jorn.print.export;

import java.nio.file.Path;
import jorn.deliver.SheetPlan.FileRole;

/**
 * A file that was written for a hand-over.
 *
 * @param role what it is
 * @param file where it is
 * @param pages how many pages it has
 * @param bytes its length
 */
public record WrittenFile(FileRole role, Path file, int pages, long bytes) {}
