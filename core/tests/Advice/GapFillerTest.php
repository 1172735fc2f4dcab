<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Advice;

use Hojaldre\Core\Advice\FridgeDairy;
use Hojaldre\Core\Advice\GapFiller;
use Hojaldre\Core\Custard\CustardVerdict;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Readings\CustardGauge;
use Hojaldre\Core\Forecast\Readings\FillGauge;
use Hojaldre\Core\Forecast\Readings\Gauges;
use Hojaldre\Core\Forecast\Readings\Verdict;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\TroutQuiche;
use PHPUnit\Framework\TestCase;

final class GapFillerTest extends TestCase
{
    public function test_the_first_answer_put_into_the_file_fits_holds_and_is_as_rich_as_asked(): void
    {
        foreach ([8.0, 15.0, 22.0] as $fat) {
            $filler = new GapFiller(TroutQuiche::pie(), $fat);
            $answer = $filler->answers(12, 4, self::fridge(null, null))[0];
            $document = DocumentWriter::write(TroutQuiche::pie());
            $document['layers'] = $answer->changes[0]->to;
            $pie = PieFile::fromDocument((array) json_decode((string) json_encode($document), true));
            self::assertSame(Verdict::Fits, Gauges::take(new FillGauge, Weights::of($pie))->verdict, "$fat %");
            self::assertSame(Verdict::Holds, Gauges::take(new CustardGauge, Weights::of($pie))->verdict, "$fat %");
            self::assertEqualsWithDelta($fat, $answer->fatPercent, 1.0);
            self::assertSame(CustardVerdict::Holds, $answer->verdict);
        }
    }

    public function test_too_few_eggs_give_an_answer_that_is_called_loose(): void
    {
        self::assertSame(CustardVerdict::Loose, (new GapFiller(TroutQuiche::pie(), 15))->answers(2, 0, self::fridge(null, null))[0]->verdict);
    }

    public function test_it_says_what_is_left_over_in_the_fridge(): void
    {
        $answer = (new GapFiller(TroutQuiche::pie(), 15))->answers(6, 0, self::fridge(500, 600))[0];
        $used = self::grams($answer->dairies);
        $over = self::grams($answer->leftOver);
        self::assertEqualsWithDelta(500, ($used['whole-milk'] ?? 0) + ($over['whole-milk'] ?? 0), 1);
        self::assertEqualsWithDelta(600, ($used['double-cream'] ?? 0) + ($over['double-cream'] ?? 0), 1);
    }

    public function test_without_a_wish_it_stays_as_rich_as_it_is(): void
    {
        self::assertEqualsWithDelta(11.2, (new GapFiller(TroutQuiche::pie(), null))->fatPercent, 0.3);
    }

    public function test_a_tin_full_of_leeks_has_no_gap(): void
    {
        $full = TroutQuiche::pie()->withFillingScaled(3);
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('no-room');
        (new GapFiller($full, 15))->answers(6, 0, self::fridge(null, null));
    }

    /** @return list<FridgeDairy> */
    private static function fridge(?float $milk, ?float $cream): array
    {
        return [new FridgeDairy(Pantry::food('whole-milk'), $milk), new FridgeDairy(Pantry::food('double-cream'), $cream)];
    }

    /**
     * @param  list<Ingredient>  $dairies
     * @return array<string, float>
     */
    private static function grams(array $dairies): array
    {
        return array_combine(array_map(static fn (Ingredient $one): string => $one->food->id, $dairies), array_map(static fn (Ingredient $one): float => $one->grams(), $dairies));
    }
}
