<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Pie\Layer;
use Hojaldre\Core\Recipe\RecipeReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PourOrderTest extends TestCase
{
    private const LIST = "Leek, trout and cheese quiche\n\nIngredients\n200 g smoked trout\n400 g leeks\n80 g gruyere\n4 eggs\n300 ml double cream\n\nMethod\n";

    /** @param  list<string>  $order */
    #[TestWith(['Spread the leeks over the base, then lay the trout on top. Scatter with the gruyere. Pour in the custard.', ['leeks', 'smoked-trout', 'gruyere']])]
    #[TestWith(['Scatter the gruyere over the pastry case. Spoon in the leeks and arrange the trout on top.', ['gruyere', 'leeks', 'smoked-trout']])]
    #[TestWith(['Put the leeks in the case and pour the custard over.', ['smoked-trout', 'leeks', 'gruyere']])]
    #[TestWith(['Fry the leeks, then the trout, in the pan. Pour over the custard.', ['smoked-trout', 'leeks', 'gruyere']])]
    #[TestWith(['Bake for 40 minutes.', ['smoked-trout', 'leeks', 'gruyere']])]
    #[TestWith(['Put the gruyere in the base. Spread the trout over.', ['gruyere', 'leeks', 'smoked-trout']])]
    public function test_what_the_method_lays_first_is_the_lowest(string $method, array $order): void
    {
        $pie = RecipeReader::read(self::LIST.$method, Names::with([]), null, EggSizing::Us)->pie;
        self::assertSame([...$order, 'custard'], array_map(static fn (Layer $one): string => $one->id(), $pie->layers));
    }
}
