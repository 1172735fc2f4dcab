<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\EntryUnit;
use Hojaldre\Core\Measure\OtherAmount;
use Hojaldre\Core\Oven\OvenMode;

/** What a cook's words come to. */
#[Schema('Entry')]
final readonly class EntryAnswer
{
    /**
     * @param  string  $words  as written
     * @param  float  $value  in the unit named
     * @param  string  $said  how it was worked out; empty where there was nothing to work out
     * @param  list<OtherAmountAnswer>  $others  amounts of other foods in the same words, such as "3 large + 1 yolk"
     * @param  float  $least  in 8 kitchens of 10, where the words do not tell it exactly
     * @param  float  $most  the same, at most
     * @param  OvenMode|null  $mode  where an oven was written with it: "160 °C fan"
     */
    private function __construct(public string $words, public float $value, public EntryUnit $unit, public string $said, public array $others, public ?OvenMode $mode, public float $least, public float $most)
    {
    }

    public static function of(Entry $entry, Words $words): self
    {
        return new self(
            $entry->words, round($entry->value, 3), $entry->unit, implode('; ', array_map($words->say(...), $entry->how)),
            array_map(static fn (OtherAmount $one): OtherAmountAnswer => new OtherAmountAnswer($one->food, $one->words, $one->grams, $one->leastGrams, $one->mostGrams), $entry->others),
            $entry->isFan === null ? null : ($entry->isFan ? OvenMode::Fan : OvenMode::Static), round($entry->span()->least, 3), round($entry->span()->most, 3),
        );
    }
}
