package ojala.core.fault;

import java.util.Collection;
import java.util.Comparator;

/** Finds the valid word that a wrong one was probably meant to be. */
public final class Nearest {
    private Nearest() {}

    /** {@code “linse” is not known: did you mean “lines”?}, or the whole list where nothing is near. */
    public static String unknown(String what, String word, Collection<String> valid) {
        return valid.stream()
                .min(Comparator.comparingInt(one -> distance(word, one)))
                .filter(one -> distance(word, one) <= Math.max(2, one.length() / 3))
                .map(one -> "“" + word + "” is no " + what + " that Ojala knows: did you mean “" + one + "”?")
                .orElse("“" + word + "” is no " + what + " that Ojala knows: use one of " + String.join(", ", valid));
    }

    /** Letters to insert, drop or replace. */
    private static int distance(String a, String b) {
        int[] row = new int[b.length() + 1];
        for (int j = 0; j <= b.length(); j++) {
            row[j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            int diagonal = row[0];
            row[0] = i;
            for (int j = 1; j <= b.length(); j++) {
                int replaced = diagonal + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
                diagonal = row[j];
                row[j] = Math.min(replaced, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[b.length()];
    }
}
