<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\MayBeMissing;
use Hojaldre\Core\Document\NamedNumbers;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Refusal\Refusal;

/** A food with all that a forecast needs to know of it, so that a pie file forecasts the same in any kitchen. */
final readonly class Food implements Judged
{
    private const ID = '^[a-z0-9][a-z0-9-]*$';

    /** From here on 100 g of a solid made of milk is cheese (judgement). */
    private const CHEESE_PROTEIN_GRAMS = 8.0;

    /** The same of meat, poultry and fish; nuts and seeds have more fibre (judgement). */
    private const FLESH_PROTEIN_GRAMS = 12.0;

    private const FLESH_FIBRE_GRAMS = 2.0;

    /** What has these is egg, tofu or nuts before it is flesh (judgement). */
    private const NO_FLESH = ['egg', 'soya', 'nuts'];

    /** Flesh that has more than this to lose is raw; what was cooked before has lost it (common practice, no source). */
    private const COOKED_YIELD = 0.85;

    /**
     * @param  float  $gramsPerMl  true density as it sits in a filling
     * @param  float  $bulkGramsPerMl  as it lies in a cup, air and gaps included; never above the true density
     * @param  float  $floorYield  share of the bought weight left when all water that will leave in an oven has left
     * @param  float  $eggsPer100g  whole eggs' setting strength in 100 g: whole egg 2, a yolk or a white counts as half an egg
     * @param  float  $liquidShare  share of its weight that an egg has to set (milk 1, ricotta 0.5; fitted, docs/model.md)
     * @param  float  $bindsGramsPerGram  water it holds, g per g (dry crumbs 1.75)
     * @param  float|null  $safeCelsius  temperature its coldest point must reach, or null where it may be eaten as bought
     * @param  array<string, float>  $pieces  grams of one piece by name ("large" => 50)
     * @param  list<Allergen>  $allergens
     * @param  DoughKind|null  $doughKind  of a dough
     * @param  list<AllergenName>  $allergenNames  the cereals and nuts among them by name
     * @param  float|null  $saturates  of the fat; null where it is not known
     * @param  float|null  $sugars  of the carbohydrate; null where it is not known
     */
    public function __construct(
        #[Text(1, 40, self::ID)] public string $id,
        #[Text(1, 60)] public string $name,
        public Role $role,
        public Texture $texture,
        public Composition $per100g,
        #[Number(0.3, 2.2, 'g per ml')] public float $gramsPerMl,
        #[Number(0.05, 2.2, 'g per ml')] public float $bulkGramsPerMl,
        #[Number(0.05, 1, 'of the bought weight')] public float $floorYield,
        #[Number(0, 4, 'eggs per 100 g')] public float $eggsPer100g,
        #[Number(0, 1, 'of the weight')] public float $liquidShare,
        #[Number(0, 20, 'g water per g')] public float $bindsGramsPerGram,
        #[Number(40, 90, '°C')] public ?float $safeCelsius,
        #[NamedNumbers(8, 0.5, 5000, 'g')] public array $pieces,
        #[ListOf(Allergen::class, 14)] public array $allergens,
        public ?DoughKind $doughKind = null,
        #[MayBeMissing, ListOf(AllergenName::class, 13)] public array $allergenNames = [],
        #[MayBeMissing] public AllergensKnown $allergensKnown = AllergensKnown::Unknown,
        #[MayBeMissing, Number(0, 100, 'g per 100 g')] public ?float $saturates = null,
        #[MayBeMissing, Number(0, 100, 'g per 100 g')] public ?float $sugars = null,
    ) {
    }

    public function refusals(): array
    {
        return [
            ...($this->bulkGramsPerMl > $this->gramsPerMl ? [new Refusal('bulk-above-true', '/bulkGramsPerMl')] : []),
            ...(($this->role === Role::Dough) !== ($this->doughKind !== null) ? [new Refusal('dough-kind-missing', '/doughKind')] : []),
        ];
    }

    /** @param  array<string, float>  $pieces grams of one piece by name */
    public function withPieces(array $pieces): self
    {
        return $this->with(['pieces' => $pieces]);
    }

    /**
     * @param  array{id?: string, name?: string, floorYield?: float, safeCelsius?: float|null, pieces?: array<string, float>, allergens?: list<Allergen>, allergenNames?: list<AllergenName>, allergensKnown?: AllergensKnown, saturates?: float|null, sugars?: float|null}  $changes
     */
    public function with(array $changes): self
    {
        return new self(
            $changes['id'] ?? $this->id, $changes['name'] ?? $this->name, $this->role, $this->texture, $this->per100g, $this->gramsPerMl, $this->bulkGramsPerMl, $changes['floorYield'] ?? $this->floorYield,
            $this->eggsPer100g, $this->liquidShare, $this->bindsGramsPerGram, $changes['safeCelsius'] ?? $this->safeCelsius, $changes['pieces'] ?? $this->pieces, $changes['allergens'] ?? $this->allergens, $this->doughKind,
            $changes['allergenNames'] ?? $this->allergenNames, $changes['allergensKnown'] ?? $this->allergensKnown,
            array_key_exists('saturates', $changes) ? $changes['saturates'] : $this->saturates, array_key_exists('sugars', $changes) ? $changes['sugars'] : $this->sugars,
        );
    }

    /** A solid made of milk: laid under wet things it keeps water from the crust. */
    public function isCheese(): bool
    {
        return $this->role === Role::Solid && in_array(Allergen::Milk, $this->allergens, true) && $this->per100g->protein >= self::CHEESE_PROTEIN_GRAMS;
    }

    /** Meat, poultry or fish, raw or cooked. */
    public function isFlesh(): bool
    {
        $isNone = array_intersect(array_map(static fn (Allergen $one): string => $one->value, $this->allergens), self::NO_FLESH) !== [];

        return $this->role === Role::Solid && ! $this->isCheese() && ! $isNone && $this->per100g->protein >= self::FLESH_PROTEIN_GRAMS && $this->per100g->fibre < self::FLESH_FIBRE_GRAMS;
    }

    /** Has to be cooked through, and was not before: raw meat, poultry or fish, whatever else is in it; raw egg, raw dairy. */
    public function isRaw(): bool
    {
        return $this->safeCelsius !== null && ($this->role !== Role::Solid || $this->floorYield < self::COOKED_YIELD);
    }

    /** Flesh in pieces so small that brown outside is done inside. */
    public function isMinced(): bool
    {
        return preg_match('/\b(?:minced?|ground|sausage[ -]meat)\b/iu', "$this->id $this->name") === 1;
    }

    /** Bacon and its like: fried until it is crisp. */
    public function isCuredFat(): bool
    {
        return preg_match('/\b(?:bacon|pancetta|lardons?|guanciale)\b/iu', "$this->id $this->name") === 1;
    }

    /** Raw flesh: its protein sets when it is blended into a custard. */
    public function isRawFlesh(): bool
    {
        return $this->isFlesh() && $this->isRaw();
    }

    /** Share of a heap of it that is the food and not the gaps between, 0 to 1. */
    public function packingShare(): float
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
}
