<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use Hojaldre\Core\Advice\GapAnswer;
use Hojaldre\Core\Advice\GapFiller;
use Hojaldre\Core\Custard\CustardStyle;

#[Schema('CustardAnswers')]
final readonly class GapAnswers
{
    /**
     * @param  float  $gapMl  room the solids leave
     * @param  list<CustardSchool>  $schools  where the styles lie
     * @param  list<CustardAnswer>  $answers  the best first
     */
    private function __construct(public float $gapMl, public CustardAim $aim, public array $schools, public array $answers)
    {
    }

    /** @param  list<GapAnswer>  $answers */
    public static function of(GapFiller $filler, array $answers): self
    {
        return new self(
            round($filler->gapMl, 1), new CustardAim($filler->gramsPerEgg, $filler->fatPercent),
            array_map(static fn (CustardStyle $style): CustardSchool => new CustardSchool($style, $style->aimGrams()), CustardStyle::cases()),
            array_map(CustardAnswer::of(...), $answers),
        );
    }
}
