<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Fields;

/** A food with all that a forecast needs to know of it, so that a pie file forecasts the same in any kitchen. */
final readonly class Food
{
    /**
     * @param  float  $gramsPerMl  true density as it sits in a filling, 0.3 to 2.2
     * @param  float  $bulkGramsPerMl  as it lies in a cup, air and gaps included; never above the true density
     * @param  float  $floorYield  share of the bought weight left when all water that will leave in an oven has left, 0.05 to 1
     * @param  float  $eggsPer100g  whole eggs' setting strength in 100 g: whole egg 2, a yolk or a white counts as half an egg
     * @param  float  $liquidShare  share of its weight that an egg has to set, 0 to 1 (milk 1, ricotta 0.5; fitted, see docs/model.md)
     * @param  float  $bindsGramsPerGram  water it holds, g per g (dry crumbs 1.75)
     * @param  float|null  $safeCelsius  temperature its coldest point must reach, or null where it may be eaten as bought
     * @param  array<string, float>  $pieces  grams of one piece by name ("large" => 50)
     * @param  list<string>  $allergens  of Allergens::ALL
     */
    public function __construct(
        public string $id,
        public string $name,
        public Role $role,
        public Texture $texture,
        public Composition $per100g,
        public float $gramsPerMl,
        public float $bulkGramsPerMl,
        public float $floorYield,
        public float $eggsPer100g,
        public float $liquidShare,
        public float $bindsGramsPerGram,
        public ?float $safeCelsius,
        public array $pieces,
        public array $allergens,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(
            id: self::readId($fields),
            name: $fields->text('name', 1, 60),
            role: Role::from($fields->oneOf('role', Role::words())),
            texture: Texture::from($fields->oneOf('texture', Texture::words())),
            per100g: Composition::read($fields->object('per100g')),
            gramsPerMl: $fields->number('gramsPerMl', 0.3, 2.2, 'g per ml'),
            bulkGramsPerMl: $fields->number('bulkGramsPerMl', 0.05, 2.2, 'g per ml'),
            floorYield: $fields->number('floorYield', 0.05, 1, 'of the bought weight'),
            eggsPer100g: $fields->number('eggsPer100g', 0, 4, 'eggs per 100 g'),
            liquidShare: $fields->number('liquidShare', 0, 1, 'of the weight'),
            bindsGramsPerGram: $fields->number('bindsGramsPerGram', 0, 20, 'g water per g'),
            safeCelsius: $fields->numberOrNull('safeCelsius', 40, 90, '°C'),
            pieces: $fields->namedNumbers('pieces', 8, 0.5, 5000, 'g'),
            allergens: $fields->wordsOf('allergens', Allergens::ALL),
        );
        if ($read->bulkGramsPerMl > $read->gramsPerMl) {
            $fields->fault('bulkGramsPerMl', 'out-of-range', '"bulkGramsPerMl" counts the gaps in, so it cannot be above "gramsPerMl".');
        }
        $fields->nothingElse();

        return $read;
    }

    /** @param  array<string, float>  $pieces grams of one piece by name */
    public function withPieces(array $pieces): self
    {
        return new self(
            $this->id, $this->name, $this->role, $this->texture, $this->per100g, $this->gramsPerMl, $this->bulkGramsPerMl, $this->floorYield,
            $this->eggsPer100g, $this->liquidShare, $this->bindsGramsPerGram, $this->safeCelsius, $pieces, $this->allergens,
        );
    }

    /** A solid made of milk: laid under wet things it keeps water from the crust. */
    public function isCheese(): bool
    {
        return $this->role === Role::Solid && in_array('milk', $this->allergens, true) && $this->per100g->protein >= 8;
    }

    /** Raw meat, fish or poultry, whose protein sets when it is blended into a custard. */
    public function isRawFlesh(): bool
    {
        return $this->role === Role::Solid && $this->safeCelsius !== null && $this->per100g->protein >= 12;
    }

    private static function readId(Fields $fields): string
    {
        $id = $fields->text('id', 1, 40);
        if ($id !== '' && preg_match('/^[a-z0-9][a-z0-9-]*$/D', $id) !== 1) {
            $fields->fault('id', 'name-not-plain', '"id" is 1 to 40 small letters, digits and hyphens, such as "whole-milk".');
        }

        return $id;
    }

    /** Share of a heap of it that is the food and not the gaps between, 0 to 1. */
    public function packing(): float
    {
        return $this->bulkGramsPerMl / $this->gramsPerMl;
    }

    public function waterGrams(float $boughtGrams): float
    {
        return $boughtGrams * $this->per100g->water / 100;
    }

    /** All that a pan or an oven could take off it: its water and its fat, g. */
    public function losableGrams(float $boughtGrams): float
    {
        return $boughtGrams * ($this->per100g->water + $this->per100g->fat) / 100;
    }

    /** Share of a loss that is water: meat and fish lose fat too, in proportion to what they have (common practice, no source). */
    public function waterShareOfLoss(): float
    {
        $losable = $this->per100g->water + $this->per100g->fat;

        return $losable > 0 ? $this->per100g->water / $losable : 1.0;
    }

    public function saltGrams(float $boughtGrams): float
    {
        return $boughtGrams * $this->per100g->salt / 100;
    }

    public function eggs(float $grams): float
    {
        return $grams * $this->eggsPer100g / 100;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'role' => $this->role->value,
            'texture' => $this->texture->value,
            'per100g' => $this->per100g->toArray(),
            'gramsPerMl' => $this->gramsPerMl,
            'bulkGramsPerMl' => $this->bulkGramsPerMl,
            'floorYield' => $this->floorYield,
            'eggsPer100g' => $this->eggsPer100g,
            'liquidShare' => $this->liquidShare,
            'bindsGramsPerGram' => $this->bindsGramsPerGram,
            'safeCelsius' => $this->safeCelsius,
            'pieces' => $this->piecesInOrder(),
            'allergens' => $this->allergens,
        ];
    }

    /**
     * By name, since a store may hand an object's fields back in any order; an empty object must stay an object in the file.
     *
     * @return array<string, float>|\stdClass
     */
    private function piecesInOrder(): array|\stdClass
    {
        $pieces = $this->pieces;
        ksort($pieces);

        return $pieces === [] ? new \stdClass : $pieces;
    }
}
