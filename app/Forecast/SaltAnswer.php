<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Seasoning\SaltSource;
use Hojaldre\Core\Statement\Statement;

/** The salt of the whole by what brings it, the most first. */
#[Schema('SaltSum')]
final readonly class SaltAnswer
{
    private const LEAST_GRAMS = 0.005;

    /**
     * @param  float  $grams  in the whole filling
     * @param  list<NamedGrams>  $sources
     */
    private function __construct(public float $grams, public float $portionGrams, public array $sources)
    {
    }

    public static function of(Weights $weights, Words $words): self
    {
        $salt = $weights->salt();

        return new self(round($salt->grams(), 2), round($salt->grams() / $weights->pie->portions, 2), array_map(
            static fn (SaltSource $one): NamedGrams => new NamedGrams($one->isKept ? $words->say(new Statement('salt.kept-name', ['food' => $one->food])) : $one->food, round($one->grams, 2)),
            $salt->mostFirst(self::LEAST_GRAMS),
        ));
    }
}
