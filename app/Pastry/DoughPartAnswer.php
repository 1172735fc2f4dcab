<?php

declare(strict_types=1);

namespace App\Pastry;

use App\Contract\Schema;
use App\Wording\Words;
use Hojaldre\Core\Pastry\Dough\DoughPart;
use Hojaldre\Core\Pastry\Dough\Formula;

/** One thing of a dough, in all of it. */
#[Schema('DoughPartGrams')]
final readonly class DoughPartAnswer
{
    private const LISTS = ['flours', 'fats', 'eggs', 'liquids', 'flavourings'];

    /** @param  string  $at  where it stands in the formula: a JSON pointer to its per cent */
    private function __construct(public string $at, public string $name, public float $percent, public float $grams)
    {
    }

    /** @return list<self> in the order it goes into the bowl; salt after the fats */
    public static function all(Formula $formula, float $flourGrams, Words $words): array
    {
        $all = [];
        foreach (self::LISTS as $list) {
            /** @var list<DoughPart> $parts */
            $parts = $formula->{$list};
            foreach ($parts as $index => $part) {
                $all[] = new self("/$list/$index/percent", $part->food->name, $part->percent, round($part->percent * $flourGrams / 100, 1));
            }
            if ($list === 'fats') {
                $all[] = new self('/saltPercent', $words->word('dough', 'salt'), $formula->saltPercent, round($formula->saltPercent * $flourGrams / 100, 1));
            }
        }

        return $all;
    }
}
