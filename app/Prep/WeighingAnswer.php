<?php

declare(strict_types=1);

namespace App\Prep;

use App\Contract\Schema;
use Hojaldre\Core\Batch\Prep\WeighingList;

/** What is weighed into one pie. */
#[Schema('Weighing')]
final readonly class WeighingAnswer
{
    /**
     * @param  int  $number  of the pie in the batch
     * @param  int  $count  tins, or folded pieces
     * @param  list<WeighingLineAnswer>  $lines  in pouring order
     */
    private function __construct(public int $number, public string $name, public int $count, public array $lines)
    {
    }

    public static function of(WeighingList $list): self
    {
        return new self(
            $list->of->number, $list->of->pie->name, $list->of->line->count,
            array_map(static fn (array $one): WeighingLineAnswer => new WeighingLineAnswer($one['food']->name, round($one['eachGrams'], 1), round($one['allGrams'], 1)), $list->lines),
        );
    }
}
