<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Recipe;

use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Recipe\KindOfPie;
use Hojaldre\Core\Recipe\Method;
use Hojaldre\Core\Recipe\Sentences;
use Hojaldre\Core\Recipe\TinWords;
use Hojaldre\Core\Tin\CupsTin;
use Hojaldre\Core\Tin\FlutedTin;
use Hojaldre\Core\Tin\FoldedPieces;
use Hojaldre\Core\Tin\MeasuredDish;
use Hojaldre\Core\Tin\RectangularTin;
use Hojaldre\Core\Tin\SlopedTin;
use Hojaldre\Core\Tin\Springform;
use Hojaldre\Core\Tin\StraightTin;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One sentence of a recipe, and what a cook takes it for. An inch is 25.4 mm, a pint 568 ml, gas 4 is 180 °C and a mark 25 °F; what is not told is as such tins commonly are. */
final class SentencesTest extends TestCase
{
    /**
     * @param  class-string  $shape
     * @param  float|null  $depth  mm; null where nobody told it
     */
    #[TestWith(['Line a 23 cm loose-bottomed tart tin, 4 cm deep, with the pastry.', PieKind::Quiche, StraightTin::class, 230.0, 40.0])]
    #[TestWith(['Grease a 9-inch tart pan.', PieKind::Quiche, StraightTin::class, 228.6, null])]
    #[TestWith(['Use a 25cm fluted flan tin.', PieKind::Quiche, FlutedTin::class, 250.0, null])]
    #[TestWith(['Press it into a 9 inch pie plate.', PieKind::Quiche, SlopedTin::class, 228.6, null])]
    #[TestWith(['Line a 20 cm springform tin.', PieKind::Quiche, Springform::class, 200.0, null])]
    #[TestWith(['You need an 8½-inch quiche dish.', PieKind::Quiche, StraightTin::class, 215.9, null])]
    #[TestWith(['Ease the pastry into a tin of 24 cm.', PieKind::Quiche, StraightTin::class, 240.0, null])]
    #[TestWith(['a 24 cm ring with a depth of 35 mm', PieKind::Quiche, StraightTin::class, 240.0, 35.0])]
    #[TestWith(['Butter a deep 22 cm cake tin.', PieKind::DeepPie, Springform::class, 220.0, null])]
    #[TestWith(['Line a 23cm pie dish and cover with the lid.', PieKind::DoubleCrust, SlopedTin::class, 230.0, null])]
    public function test_a_round_tin_is_told_by_its_width_and_its_name(string $text, PieKind $kind, string $shape, float $width, ?float $depth): void
    {
        $read = TinWords::of($text, $kind, null);
        self::assertInstanceOf($shape, $read->tin);
        // flutes stand in by up to 4 mm
        self::assertEqualsWithDelta($width, 2 * $read->tin->radiusMm($read->tin->depthMm()), $shape === FlutedTin::class ? 4.5 : 0.5);
        self::assertSame($depth !== null, in_array('/tin/depthMm', $read->places, true));
        if ($depth !== null) {
            self::assertEqualsWithDelta($depth, $read->tin->depthMm(), 0.5);
        }
    }

    #[TestWith(['Unroll onto a 35 x 23 cm tray.', 350.0, 230.0])]
    #[TestWith(['Line a 20 cm by 30 cm tin.', 300.0, 200.0])]
    #[TestWith(['a 9x13 inch pan', 330.2, 228.6])]
    public function test_a_rectangle_is_told_by_both_its_sides_the_longer_first(string $text, float $length, float $width): void
    {
        $tin = TinWords::of($text, PieKind::Quiche, null)->tin;
        self::assertInstanceOf(RectangularTin::class, $tin);
        self::assertEqualsWithDelta([$length, $width], [$tin->lengthMm, $tin->widthMm], 0.5);
    }

    public function test_small_ones_are_counted(): void
    {
        $tin = TinWords::of('Line a 12-hole muffin tin with the discs.', PieKind::Quiche, null)->tin;
        self::assertInstanceOf(CupsTin::class, $tin);
        self::assertSame(12, $tin->cups);
    }

    #[TestWith(['Tip it into a 1.5 litre pie dish.', 1500.0])]
    #[TestWith(['Spoon it into a 2-quart baking dish.', 1892.0])]
    #[TestWith(['a 2 pint pie dish', 1136.0])]
    public function test_a_dish_is_told_by_what_it_holds(string $text, float $millilitres): void
    {
        $tin = TinWords::of($text, PieKind::PotPie, null)->tin;
        self::assertInstanceOf(MeasuredDish::class, $tin);
        self::assertEqualsWithDelta($millilitres, $tin->waterMl, 1);
    }

    #[TestWith(['Cut out six 18 cm circles.', PieKind::Pasty, null, 6, 180.0])]
    #[TestWith(['Cut into 8 equal pieces and roll each to a 12 cm round.', PieKind::HandPie, null, 8, 120.0])]
    #[TestWith(['Cut round a side plate.', PieKind::Pasty, 4, 4, 180.0])]
    #[TestWith(['Cut round a saucer.', PieKind::HandPie, 10, 10, 150.0])]
    #[TestWith(['Fold over and crimp.', PieKind::Pasty, null, 4, 200.0])]
    #[TestWith(['Fold over and crimp.', PieKind::HandPie, null, 8, 120.0])]
    public function test_what_is_folded_is_told_by_its_discs(string $text, PieKind $kind, ?int $pieces, int $discs, float $width): void
    {
        $tin = TinWords::of($text, $kind, $pieces)->tin;
        self::assertInstanceOf(FoldedPieces::class, $tin);
        self::assertSame($discs, $tin->pieces);
        self::assertEqualsWithDelta($width, $tin->lengthMm, 0.5);
    }

    #[TestWith(['Cut the leeks into 2 cm pieces.'])]
    #[TestWith(['Roll it 3 mm thick and leave 2 cm over the rim.'])]
    #[TestWith(['Bake for 20 minutes.'])]
    #[TestWith(['Cut the pumpkin into 20 mm dice.'])]
    public function test_another_length_is_no_tin(string $text): void
    {
        self::assertNull(TinWords::of($text, PieKind::Quiche, null)->tin);
    }

    /** @param  list<array{float, OvenMode|null, float}>  $stages  °C, mode, minutes */
    #[TestWith(['Bake for 35 minutes at 170C until just set.', [[170.0, null, 35.0]]])]
    #[TestWith(['Bake at 180°C fan for 30-35 minutes.', [[180.0, OvenMode::Fan, 32.5]]])]
    #[TestWith(['Heat the oven to 375F. Bake for 40 minutes.', [[190.6, null, 40.0]]])]
    #[TestWith(['Bake at 220C for 15 minutes, then reduce to 180C and bake for 30 minutes more.', [[220.0, null, 15.0], [180.0, null, 30.0]]])]
    #[TestWith(['Bake in a moderate oven for half an hour.', [[180.0, null, 30.0]]])]
    #[TestWith(['Bake for 40 minutes at 190C, turning it after 20 minutes.', [[190.0, null, 40.0]]])]
    #[TestWith(['Bake at gas 6 for three-quarters of an hour.', [[207.8, null, 45.0]]])]
    #[TestWith(['Fry the leeks for 10 minutes. Bake at 170C for 35 minutes. Rest for 10 minutes.', [[170.0, null, 35.0]]])]
    #[TestWith(['Roast the pumpkin for 25 minutes. Bake the tart for 40 mins at 180.', [[180.0, null, 40.0]]])]
    #[TestWith(['Chill for 30 minutes. Simmer for an hour. Leave to rest for 20 minutes.', []])]
    public function test_the_stages_of_the_bake_are_told_by_heat_and_minutes(string $text, array $stages): void
    {
        $read = array_map(static fn (array $one): array => [round($one[0], 1), $one[1], $one[2]->value], Method::of(Sentences::of($text))->stages);
        self::assertCount(count($stages), $read, json_encode($read, JSON_THROW_ON_ERROR));
        foreach ($stages as $at => [$celsius, $mode, $minutes]) {
            self::assertEqualsWithDelta([$celsius, $minutes], [$read[$at][0], $read[$at][2]], 1.0);
            self::assertSame($mode, $read[$at][1]);
        }
    }

    /** @param  list<array{ShellSupport, float, float}>  $shell  how, °C, minutes */
    #[TestWith(['Blind bake for 15 minutes at 190C, take the beans out and give it 5 minutes more.', [[ShellSupport::Weighted, 190.0, 15.0], [ShellSupport::Bare, 190.0, 5.0]]])]
    #[TestWith(['Heat the oven to 200C. Fill with baking beans and bake for 20 minutes. Remove the beans and paper and bake for another 8 minutes.', [[ShellSupport::Weighted, 200.0, 20.0], [ShellSupport::Bare, 200.0, 8.0]]])]
    #[TestWith(['Bake the case with weights for 12 min at 180 °C fan.', [[ShellSupport::Weighted, 180.0, 12.0]]])]
    #[TestWith(['Bake blind at 190C for 15 minutes, then 5 without the beans.', [[ShellSupport::Weighted, 190.0, 15.0], [ShellSupport::Bare, 190.0, 5.0]]])]
    public function test_the_shell_is_baked_with_its_weights_and_without(string $text, array $shell): void
    {
        $method = Method::of(Sentences::of($text));
        self::assertTrue($method->isBlind);
        self::assertSame([], $method->stages);
        self::assertEquals($shell, array_map(static fn (array $one): array => [$one[0], $one[1], $one[3]->value], $method->shell));
    }

    #[TestWith(['Cornish-style pasties', '', PieKind::Pasty])]
    #[TestWith(['Spinach hand pies', '', PieKind::HandPie])]
    #[TestWith(['Leek quiche', 'Blind bake the case. Pour in the eggs and cream.', PieKind::Quiche])]
    #[TestWith(['Tomato tart', 'Unroll the puff pastry onto a tray. Score a border.', PieKind::PuffTart])]
    #[TestWith(['Chicken pot pie', 'Cover the dish with the pastry.', PieKind::PotPie])]
    #[TestWith(['Meat and potato pie', 'Line the dish with two thirds of the pastry. Fill and cover with the lid.', PieKind::DoubleCrust])]
    public function test_the_kind_of_pie_is_told_by_its_name_or_by_what_is_done(string $title, string $text, PieKind $kind): void
    {
        self::assertSame($kind, KindOfPie::of($title, $text));
    }
}
