<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Pie\StartingPlace;
use Hojaldre\Core\Statement\Statement;

/** Where a layer commonly comes from, and how warm it is there. */
#[Schema('Place')]
final readonly class PlaceAnswer
{
    /** @param  string  $title  as it is shown, in the cook's own scale */
    private function __construct(public float $celsius, public string $title)
    {
    }

    /** @return list<self> the coldest first */
    public static function all(Words $words): array
    {
        return array_map(
            static fn (StartingPlace $one): self => new self($one->celsius(), $words->say(new Statement("place.$one->value", ['fromCelsius' => $one->celsius()]))),
            StartingPlace::cases(),
        );
    }
}
