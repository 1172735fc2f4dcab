<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Recipe\RecipeReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A dough is told by its flour and its fat (common practice, no source). */
final class DoughsTest extends TestCase
{
    #[TestWith(['250 g plain flour, 125 g butter, 60 ml cold water', '', 'shortcrust'])]
    #[TestWith(['250 g plain flour, 60 g lard, 60 g butter', '', 'lard-shortcrust'])]
    #[TestWith(['300 g plain flour, 100 g lard', 'Pour the boiling water and lard into the flour.', 'hot-water-crust'])]
    #[TestWith(['250 g gluten-free flour, 125 g butter', '', 'gluten-free-shortcrust'])]
    #[TestWith(['250 g wholemeal flour, 125 g butter', '', 'wholemeal-shortcrust'])]
    #[TestWith(['250 g plain flour, 100 ml olive oil', '', 'oil-crust'])]
    #[TestWith(['250 g plain flour, 125 g suet', '', 'suet-crust'])]
    #[TestWith(['250 g plain flour, 125 g butter, 100 g cream cheese', '', 'cream-cheese-crust'])]
    #[TestWith(['250 g plain flour, 125 g butter, 50 g cheddar', '', 'cheese-shortcrust'])]
    #[TestWith(['1 pack ready-rolled puff pastry', '', 'ready-puff'])]
    #[TestWith(['6 sheets filo pastry', '', 'filo'])]
    public function test_a_dough_is_the_one_that_its_fat_and_flour_make(string $pastry, string $method, string $dough): void
    {
        $text = "Pie\n\nIngredients\nFor the pastry:\n".str_replace(', ', "\n", $pastry)."\nFor the filling:\n3 leeks\n3 eggs\n200 ml cream\n\nMethod\n$method\nBake at 180C for 40 minutes.";
        $pie = RecipeReader::read($text, Names::with([]), null, EggSizing::Us)->pie;
        self::assertSame($dough, $pie->crust->dough->id);
        self::assertFalse($pie->assumes('/crust/dough'));
        self::assertSame(['leeks', 'custard'], array_map(static fn ($one): string => $one->id(), $pie->layers), 'what stands in the dough stands in no layer');
    }

    public function test_where_no_dough_is_told_the_usual_one_is_assumed(): void
    {
        $pie = RecipeReader::read("Quiche\n\nIngredients\n3 leeks\n3 eggs\n200 ml cream", Names::with([]), null, EggSizing::Us)->pie;
        self::assertSame('shortcrust', $pie->crust->dough->id);
        self::assertTrue($pie->assumes('/crust/dough'));
    }
}
