<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Bake\Browned;
use Hojaldre\Core\Bake\Brownness;

#[Schema('Colour')]
final readonly class ColourAnswer
{
    /** @param  float  $brown  1 is golden */
    private function __construct(public string $where, public float $brown, public string $word)
    {
    }

    /** @return list<self> */
    public static function all(Browned $browned, Words $words): array
    {
        $of = static fn (string $where, float $index): self => new self($words->word('browned', $where), round($index, 2), $words->word('brownness', Brownness::of($index)));

        return [$of('top', $browned->topIndex), $of('rim', $browned->rimIndex), $of('underside', $browned->undersideIndex), $of('inside', $browned->insideIndex)];
    }
}
