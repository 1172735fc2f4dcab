<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\Measure;

use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\QuantityText;
use Hojaldre\Core\Refusal\Refused;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class QuantityTextTest extends TestCase
{
    /** @param  list<array{float, string}>  $parts */
    #[TestWith(['2 lb 4 oz', [[2.0, 'lb'], [4.0, 'oz']]])]
    #[TestWith(['2 lb and 4 oz', [[2.0, 'lb'], [4.0, 'oz']]])]
    #[TestWith(['1 1/2 cups', [[1.5, 'cups']]])]
    #[TestWith(['1½ cups', [[1.5, 'cups']]])]
    #[TestWith(['¾ tsp', [[0.75, 'tsp']]])]
    #[TestWith(['3 large + 1 yolk', [[3.0, 'large'], [1.0, 'yolk']]])]
    #[TestWith(['2,5 dl', [[2.5, 'dl']]])]
    #[TestWith(['450 g, trimmed', [[450.0, 'g']]])]
    #[TestWith(['  12   leaves ', [[12.0, 'leaves']]])]
    #[TestWith(['1 cup of milk', [[1.0, 'cup milk']]])]
    #[TestWith(['24CM', [[24.0, 'cm']]])]
    public function test_numbers_and_their_words_are_told_apart(string $written, array $parts): void
    {
        self::assertSame($parts, array_map(static fn (array $part): array => [$part['number'], $part['unit']], QuantityText::read($written)->parts));
    }

    public function test_the_text_is_kept_as_the_cook_wrote_it_but_for_idle_spaces(): void
    {
        self::assertSame('1 1/2 Cups', QuantityText::read(' 1  1/2  Cups ')->text);
    }

    #[TestWith(['', 'number-missing'])]
    #[TestWith(['a little', 'number-missing'])]
    #[TestWith(['about 3 g', 'number-not-understood'])]
    #[TestWith(['-3 g', 'number-not-understood'])]
    #[TestWith(['1/0 cup', 'fraction-over-zero'])]
    public function test_what_is_no_amount_is_refused(string $written, string $code): void
    {
        try {
            QuantityText::read($written);
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame($code, $refused->refusals[0]->code);
        }
    }

    public function test_a_whole_letter_is_not_an_amount(): void
    {
        $this->expectExceptionMessage('words-too-long');
        QuantityText::read(str_repeat('3 g ', 30));
    }

    public function test_numbers_are_said_without_idle_digits(): void
    {
        self::assertSame(['1,428', '0.5', '3', '10 g', '9.5 g', '0 g'], [
            Figures::number(1428.2), Figures::number(0.5, 2), Figures::number(3.0, 2), Figures::grams(9.96), Figures::grams(9.5), Figures::grams(0.0),
        ]);
    }
}
