package ojala.core.change;

/**
 * One edit between two versions of a file: old lines {@code oldFirst … oldFirst + oldCount - 1} became new lines
 * {@code newFirst … newFirst + newCount - 1}. Lines are 1-based; a count of 0 is an insertion or deletion before that
 * line.
 */
public record Edit(int oldFirst, int oldCount, int newFirst, int newCount) {}
