<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\NamedGrams;
use Hojaldre\Core\Advice\GapAnswer;
use Hojaldre\Core\Custard\CustardVerdict;
use Hojaldre\Core\Pie\Ingredient;

/** A custard for the gap of a design. */
#[Schema('CustardAnswer')]
final readonly class CustardAnswer
{
    /**
     * @param  list<NamedGrams>  $dairies
     * @param  float  $gramsPerEgg  dairy plus weep, g to an egg
     * @param  CustardVerdict  $verdict  for the style of the design
     * @param  float  $fatPercent  of the custard by weight
     * @param  list<NamedGrams>  $leftOver
     * @param  list<ChangeAnswer>  $changes
     */
    private function __construct(
        public int $eggs,
        public int $yolks,
        public array $dairies,
        public float $gramsPerEgg,
        public CustardVerdict $verdict,
        public float $fatPercent,
        public array $leftOver,
        public array $changes,
    ) {
    }

    public static function of(GapAnswer $answer): self
    {
        $named = static fn (Ingredient $one): NamedGrams => new NamedGrams($one->food->name, $one->grams());

        return new self(
            $answer->eggs, $answer->yolks, array_map($named, $answer->dairies), round($answer->gramsPerEgg, 1), $answer->verdict, round($answer->fatPercent, 1),
            array_map($named, $answer->leftOver), array_map(ChangeAnswer::of(...), $answer->changes),
        );
    }
}
