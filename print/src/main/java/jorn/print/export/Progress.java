package jorn.print.export;

/** Hears how far a long job is, and may stop it. */
public interface Progress {
    /** Hears nothing and never stops. */
    Progress SILENT = (done, of, what) -> true;

    /**
     * @param done steps done
     * @param of steps in all
     * @param what is being done, in words
     * @return false to stop the job; what was not finished leaves no trace
     */
    boolean at(int done, int of, String what);
}
