<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use App\Forecast\Rounded;
use App\Wording\Words;
use Hojaldre\Core\Batch\LeftOver;
use Hojaldre\Core\Batch\Prep\PrepAct;
use Hojaldre\Core\Batch\Prep\ShoppingLine;
use Hojaldre\Core\Batch\Prep\WeighingList;
use Hojaldre\Core\Food\Allergen;

#[Schema('Prep')]
final readonly class PrepAnswer
{
    /**
     * @param  list<PrepActAnswer>  $acts
     * @param  list<ShoppingLineAnswer>  $shopping
     * @param  list<WeighingAnswer>  $weighing
     * @param  list<LeftOfBatchAnswer>  $left  what it will leave over
     * @param  list<Allergen>  $allergens  of the lot
     * @param  float|null  $cost  of what is bought and has a price, in the kitchen's money
     * @param  int  $unpriced  lines without a price
     */
    private function __construct(public array $acts, public array $shopping, public array $weighing, public array $left, public array $allergens, public ?float $cost, public int $unpriced)
    {
    }

    /** @param  array<string, array{share: float, weighings: int}>  $yields  of this kitchen */
    public static function of(BatchPrep $lists, array $yields, Words $words): self
    {
        return new self(
            array_map(static fn (PrepAct $one): PrepActAnswer => PrepActAnswer::of($one, $yields["$one->food $one->preparation"] ?? null, $words), $lists->prep->acts),
            array_map(static fn (ShoppingLine $one): ShoppingLineAnswer => ShoppingLineAnswer::of($one, $words), $lists->shopping->lines),
            array_map(WeighingAnswer::of(...), array_values(array_filter($lists->weighing, static fn (WeighingList $one): bool => $one->lines !== []))),
            array_map(static fn (LeftOver $one): LeftOfBatchAnswer => LeftOfBatchAnswer::of($one, $words), $lists->left), $lists->shopping->allergens,
            Rounded::to($lists->shopping->cost(), 2), $lists->shopping->unpriced(),
        );
    }
}
