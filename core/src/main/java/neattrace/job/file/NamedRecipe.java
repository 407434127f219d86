package neattrace.job.file;

import neattrace.sheet.SheetRecipe;

/**
 * Settings kept under a name, such as "matt paper, 0.3 pen".
 *
 * @param name as the user wrote it, not blank, at most 80 characters
 * @param recipe without what belongs to one sheet alone
 */
public record NamedRecipe(String name, SheetRecipe recipe) {

    private static final int LONGEST_NAME = 80;

    public NamedRecipe {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("a recipe's name has 1 to 80 characters");
        }
        recipe = recipe.forOtherSheets();
    }
}
