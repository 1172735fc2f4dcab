<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\MayBeMissing;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Refusal\Refusal;

/** What the packet of a food declares for 100 g, and the little a cook has to add. */
final readonly class FoodLabel implements Judged
{
    /** Water is seldom declared: it is the rest to 100, with ash taken as the salt and so many g of other minerals (common practice, no source). */
    private const OTHER_MINERALS_GRAMS = 0.5;

    /** Rounded figures of a packet may come to so many g more than 100 (definition). */
    private const ROUNDING_GRAMS = 3.0;

    /**
     * @param  Rawness  $raw  whether it must be cooked through
     * @param  DairyBody  $body  of a dairy
     * @param  float  $carbohydrate  sugars included, fibre not
     * @param  list<Allergen>  $allergens
     * @param  DoughKind  $doughKind  of a dough
     * @param  list<AllergenName>  $allergenNames  cereals and nuts by name
     * @param  bool  $allergensRead  somebody read the packet: what is not ticked is not in it
     * @param  float|null  $saturates  of the fat; null where it was not declared
     * @param  float|null  $sugars  of the carbohydrate
     */
    public function __construct(
        #[Text(1, 60)] public string $name,
        public Role $role,
        public Rawness $raw,
        public DairyBody $body,
        #[Number(0, 100, 'g per 100 g')] public float $fat,
        #[Number(0, 100, 'g per 100 g')] public float $carbohydrate,
        #[Number(0, 100, 'g per 100 g')] public float $fibre,
        #[Number(0, 100, 'g per 100 g')] public float $protein,
        #[Number(0, 100, 'g per 100 g')] public float $salt,
        #[ListOf(Allergen::class, 14)] public array $allergens,
        public DoughKind $doughKind,
        #[MayBeMissing, ListOf(AllergenName::class, 13)] public array $allergenNames = [],
        #[MayBeMissing] public bool $allergensRead = false,
        #[MayBeMissing, Number(0, 100, 'g per 100 g')] public ?float $saturates = null,
        #[MayBeMissing, Number(0, 100, 'g per 100 g')] public ?float $sugars = null,
    ) {
    }

    public function refusals(): array
    {
        return $this->waterGrams() < -self::ROUNDING_GRAMS ? [new Refusal('label-does-not-sum', '/fat', ['sumGrams' => round(100 - $this->waterGrams(), 1)])] : [];
    }

    public function composition(): Composition
    {
        return new Composition(
            water: round(max(0.0, $this->waterGrams()), 2), protein: $this->protein, fat: $this->fat, carbohydrate: $this->carbohydrate,
            fibre: $this->fibre, ash: round($this->salt + self::OTHER_MINERALS_GRAMS, 2), salt: $this->salt,
        );
    }

    /** kJ in 100 g of a composition (docs/sources.md#eu-1169-2011, annex XIV): protein 17, fat 37, carbohydrate 17, fibre 8. */
    public static function kilojoules(Composition $food): float
    {
        return 17 * $food->protein + 37 * $food->fat + 17 * $food->carbohydrate + 8 * $food->fibre;
    }

    private function waterGrams(): float
    {
        return 100 - $this->fat - $this->carbohydrate - $this->fibre - $this->protein - ($this->salt + self::OTHER_MINERALS_GRAMS);
    }
}
