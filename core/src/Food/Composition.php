<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Fields;

/**
 * Grams in 100 g of a food as bought. Carbohydrate is without fibre; salt is part of ash
 * (salt = 2.5 x sodium, docs/sources.md#eu-1169-2011).
 */
final readonly class Composition
{
    public function __construct(
        public float $water,
        public float $protein,
        public float $fat,
        public float $carbohydrate,
        public float $fibre,
        public float $ash,
        public float $salt,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(...array_map(
            static fn (string $part): float => $fields->number($part, 0, 100, 'g per 100 g'),
            ['water' => 'water', 'protein' => 'protein', 'fat' => 'fat', 'carbohydrate' => 'carbohydrate', 'fibre' => 'fibre', 'ash' => 'ash', 'salt' => 'salt'],
        ));
        if (abs($read->sum() - 100) > 5) {
            $fields->fault('', 'does-not-sum', sprintf('Water, protein, fat, carbohydrate, fibre and ash come to %s g; they must come to 95 to 105 g in 100 g.', json_encode(round($read->sum(), 1))));
        }
        $fields->nothingElse();

        return $read;
    }

    /** Without salt, which is counted in ash. */
    public function sum(): float
    {
        return $this->water + $this->protein + $this->fat + $this->carbohydrate + $this->fibre + $this->ash;
    }

    /** @return array<string, float> */
    public function toArray(): array
    {
        return [
            'water' => $this->water, 'protein' => $this->protein, 'fat' => $this->fat,
            'carbohydrate' => $this->carbohydrate, 'fibre' => $this->fibre, 'ash' => $this->ash, 'salt' => $this->salt,
        ];
    }
}
