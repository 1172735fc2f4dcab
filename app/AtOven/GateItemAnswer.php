<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\AtOven\GateCost;
use Hojaldre\Core\AtOven\GateItem;
use Hojaldre\Core\AtOven\GateItemName;

#[Schema('GateItem')]
final readonly class GateItemAnswer
{
    /**
     * @param  string  $stop  what is wrong where it was not looked at
     * @param  string  $asks  what only a thermometer or the cook can say; empty where looking is enough
     * @param  string  $yes  the answer that it is right
     * @param  float|null  $wantedCelsius  an oven at least so much, a filling at most
     * @param  list<GateCostAnswer>  $costs  the mildest first
     * @param  string  $mend  what to do instead
     */
    private function __construct(public GateItemName $name, public string $title, public string $stop, public string $asks, public string $yes, public ?float $wantedCelsius, public array $costs, public string $mend)
    {
    }

    public static function of(GateItem $item, Words $words): self
    {
        return new self(
            $item->name, $words->say($item->title), $words->word('gate-stop', $item->name), $item->name->isMeasured() ? $words->word('gate-ask', $item->name) : '', $item->name->isMeasured() ? $words->word('gate-yes', $item->name) : '', $item->wantedCelsius,
            array_map(static fn (GateCost $cost): GateCostAnswer => GateCostAnswer::of($cost, $words), $item->costs), $words->say($item->mend),
        );
    }
}
