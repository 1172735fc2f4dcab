<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard\Solver;

use Hojaldre\Core\Custard\Custard;

/**
 * The eggs, yolks and dairies that fill a gap as firm and as rich as wished, from what is in the fridge. Exact: for every number of
 * eggs and yolks the best mix of dairies is found (Mix); a bound passes over those that cannot be among the best.
 *
 * Misses are counted in grams: |liquid - aim x eggs| + |fat - aim x weight|.
 */
final readonly class CustardSolver
{
    /** A limit of ours (definition). */
    public const MOST_EGGS = 24;

    /** A limit of ours (definition). */
    public const MOST_YOLKS = 12;

    /** A limit of ours (definition). */
    public const MOST_DAIRIES = 6;

    /** Of egg and dairy alike, g per ml (docs/sources.md#usda-sr-legacy). */
    private const GRAMS_PER_ML = 1.03;

    /** Of an egg's weight (docs/sources.md#usda-sr-legacy). */
    private const YOLK_SHARE = 0.34;

    /** Of an egg’s weight (docs/sources.md#usda-sr-legacy). */
    private const EGG_FAT = 0.0951;

    /** Of a yolk’s weight (docs/sources.md#usda-sr-legacy). */
    private const YOLK_FAT = 0.2654;

    /**
     * @param  list<Dairy>  $dairies
     * @return list<Answer> the best first, at most so many, each with another number of eggs or yolks
     */
    public static function answers(Wish $wish, array $dairies, int $most = 3): array
    {
        $found = [];
        foreach (self::byBound($wish, $dairies) as [$bound, $eggs, $yolks]) {
            if (count($found) >= $most && $bound > $found[$most - 1]->off) {
                break;
            }
            $answer = self::with($wish, $dairies, $eggs, $yolks);
            if ($answer !== null) {
                $found[] = $answer;
                usort($found, static fn (Answer $x, Answer $y): int => [$x->off, $x->yolks, $x->eggs] <=> [$y->off, $y->yolks, $y->eggs]);
                $found = array_slice($found, 0, $most);
            }
        }

        return $found;
    }

    /** @param  list<Dairy>  $dairies */
    private static function with(Wish $wish, array $dairies, int $eggs, int $yolks): ?Answer
    {
        [$ml, $strength, $eggGrams, $eggFat] = self::eggs($wish, $eggs, $yolks);
        $fat = $wish->fatShare;
        $best = Mix::best(
            $dairies,
            array_map(static fn (Dairy $one): float => $one->liquid, $dairies), $wish->gramsPerEgg * $strength - $wish->weepGrams,
            array_map(static fn (Dairy $one): float => $one->fat - $fat, $dairies), $fat * $eggGrams - $eggFat,
            $ml,
        );
        if ($best === null) {
            return null;
        }
        [$off, $grams] = $best;
        $liquid = $wish->weepGrams;
        $weight = $eggGrams;
        $fatGrams = $eggFat;
        $used = [];
        foreach ($dairies as $i => $dairy) {
            $liquid += $dairy->liquid * $grams[$i];
            $weight += $grams[$i];
            $fatGrams += $dairy->fat * $grams[$i];
            if ($grams[$i] > 0.05) {
                $used[$dairy->id] = $grams[$i];
            }
        }

        return new Answer($eggs, $yolks, $used, $off, $liquid / $strength, 100 * $fatGrams / $weight);
    }

    /**
     * Numbers of eggs and yolks with the least that each must miss the liquid by, the smallest first.
     *
     * @param  list<Dairy>  $dairies
     * @return list<array{float, int, int}>
     */
    private static function byBound(Wish $wish, array $dairies): array
    {
        $perMl = array_map(static fn (Dairy $one): float => $one->liquid / $one->mlPerGram, $dairies);
        [$least, $most] = $perMl === [] ? [0.0, 0.0] : [min($perMl), max($perMl)];
        $tries = [];
        for ($eggs = 0; $eggs <= min($wish->eggs, self::MOST_EGGS); $eggs++) {
            for ($yolks = 0; $yolks <= min($wish->yolks, self::MOST_YOLKS); $yolks++) {
                [$ml, $strength] = self::eggs($wish, $eggs, $yolks);
                if ($strength <= 0 || $ml < 0) {
                    continue;
                }
                $aim = $wish->gramsPerEgg * $strength - $wish->weepGrams;
                $tries[] = [max(0.0, $least * $ml - $aim, $aim - $most * $ml), $eggs, $yolks];
            }
        }
        sort($tries);

        return $tries;
    }

    /** @return array{float, float, float, float} ml left for dairy, eggs' worth of setting, g of egg, g of its fat */
    private static function eggs(Wish $wish, int $eggs, int $yolks): array
    {
        $eggGrams = $eggs * $wish->eggGrams;
        $yolkGrams = $yolks * $wish->eggGrams * self::YOLK_SHARE;

        return [
            $wish->gapMl - ($eggGrams + $yolkGrams) / self::GRAMS_PER_ML,
            // an egg of 50 g is one egg's worth of setting, a yolk half of its egg
            ($eggs + $yolks / 2) * $wish->eggGrams / Custard::EGG_GRAMS,
            $eggGrams + $yolkGrams,
            $eggGrams * self::EGG_FAT + $yolkGrams * self::YOLK_FAT,
        ];
    }
}
