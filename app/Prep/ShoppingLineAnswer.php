<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Batch\Prep\ShoppingLine;
use Hojaldre\Core\Statement\Statement;

/** One food to buy. */
#[Schema('ShoppingLine')]
final readonly class ShoppingLineAnswer
{
    /**
     * @param  string  $food  its id
     * @param  float  $needGrams  as it is bought, untrimmed
     * @param  float  $haveGrams  in the stores
     * @param  float  $buyGrams  rounded; 0 where enough is there
     * @param  string  $says  what to buy, in packs where it is sold so
     * @param  float|null  $cost  in the kitchen's money
     */
    private function __construct(public string $food, public string $name, public float $needGrams, public float $haveGrams, public float $buyGrams, public string $says, public ?float $cost)
    {
    }

    public static function of(ShoppingLine $one, Words $words): self
    {
        $with = ['buyGrams' => $one->buyGrams, 'packs' => $one->packs, 'pack' => $one->pack];

        return new self(
            $one->food->id, $one->food->name, round($one->untrimmedGrams, 1), round($one->haveGrams, 1), round($one->buyGrams, 1),
            $words->say(new Statement($one->buyGrams <= 0 ? 'buy.none' : ($one->pack === '' ? 'buy.grams' : 'buy.packs'), $one->buyGrams <= 0 ? [] : $with)), $one->cost,
        );
    }
}
