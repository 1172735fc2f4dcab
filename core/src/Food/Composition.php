<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Refusal\Refusal;

/**
 * Grams in 100 g of a food as bought. Carbohydrate is without fibre; salt is part of ash
 * (salt = 2.5 x sodium, docs/sources.md#eu-1169-2011).
 */
final readonly class Composition implements Judged
{
    /** Water is seldom told exactly: the parts may miss 100 g by so much. */
    private const MISS_GRAMS = 5.0;

    public function __construct(
        #[Number(0, 100, 'g per 100 g')] public float $water,
        #[Number(0, 100, 'g per 100 g')] public float $protein,
        #[Number(0, 100, 'g per 100 g')] public float $fat,
        #[Number(0, 100, 'g per 100 g')] public float $carbohydrate,
        #[Number(0, 100, 'g per 100 g')] public float $fibre,
        #[Number(0, 100, 'g per 100 g')] public float $ash,
        #[Number(0, 100, 'g per 100 g')] public float $salt,
    ) {
    }

    public function refusals(): array
    {
        return abs($this->sum() - 100) > self::MISS_GRAMS ? [new Refusal('does-not-sum', '', ['sumGrams' => round($this->sum(), 1)])] : [];
    }

    /**
     * Several foods together, by their weights.
     *
     * @param  non-empty-list<array{self, float}>  $parts  each with how much there is of it, more than 0 in all
     */
    public static function mixed(array $parts): self
    {
        $sum = array_fill_keys(['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash', 'salt'], 0.0);
        foreach ($parts as [$one, $weight]) {
            foreach ([...$one->parts(), 'salt' => $one->salt] as $name => $grams) {
                $sum[$name] += $weight * $grams;
            }
        }
        $all = array_sum(array_column($parts, 1));

        return new self(...array_map(static fn (float $one): float => $one / $all, $sum));
    }

    /** To a hundredth of a gram, as tables have it. */
    public function rounded(): self
    {
        return new self(...array_map(static fn (float $one): float => round($one, 2), [...$this->parts(), 'salt' => $this->salt]));
    }

    /** Without salt, which is counted in ash. */
    public function sum(): float
    {
        return $this->water + $this->protein + $this->fat + $this->carbohydrate + $this->fibre + $this->ash;
    }

    /** @return array{water: float, protein: float, fat: float, carbohydrate: float, fibre: float, ash: float} g of each, salt within ash */
    public function parts(): array
    {
        return [
            'water' => $this->water, 'protein' => $this->protein, 'fat' => $this->fat,
            'carbohydrate' => $this->carbohydrate, 'fibre' => $this->fibre, 'ash' => $this->ash,
        ];
    }
}
