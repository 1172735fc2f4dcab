<?php

declare(strict_types=1);

namespace App\Advice;

use App\Contract\Schema;
use App\Forecast\Rounded;
use App\Wording\Words;
use Hojaldre\Core\Advice\WayOut;

/** A change to the design that mends a reading, worked out. */
#[Schema('WayOut')]
final readonly class WayOutAnswer
{
    /**
     * @param  string  $act  what the cook does
     * @param  bool  $clears  whether the reading is inside its limits afterwards
     * @param  list<ChangeAnswer>  $changes
     * @param  list<EffectAnswer>  $effects
     */
    private function __construct(public string $id, public string $act, public bool $clears, public ?float $low, public ?float $high, public array $changes, public array $effects)
    {
    }

    public static function of(WayOut $way, Words $words): self
    {
        return new self(
            $way->id, self::act($way, $words), $way->clears, Rounded::to($way->low, 3), Rounded::to($way->high, 3),
            array_map(ChangeAnswer::of(...), $way->changes), EffectAnswer::all($way->effects, $words),
        );
    }

    /** Two acts are one sentence: "Press 20 g more from the leeks; bake it on the lowest rack". */
    public static function act(WayOut $way, Words $words): string
    {
        $acts = array_map($words->say(...), $way->acts);

        return implode('; ', [$acts[0], ...array_map(lcfirst(...), array_slice($acts, 1))]);
    }
}
