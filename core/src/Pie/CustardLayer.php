<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Custard\CustardStyle;
use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Food\Role;
use Hojaldre\Core\Refusal\Refusal;

/** What is stirred together and poured: eggs and dairy for a custard, stock or milk with a thickener for a sauce. */
final readonly class CustardLayer implements Judged, Layer
{
    /** A limit of ours (definition). */
    private const MOST_INGREDIENTS = 12;

    /** Eggs to 100 g: a whole egg has 2, a yolk 2.9, a white 1.5; what lies between these two counts as whole egg (definition). */
    private const YOLK_EGGS_PER_100G = 2.4;

    /** Below this it counts as white (definition). */
    private const WHITE_EGGS_PER_100G = 1.8;

    /**
     * @param  list<Ingredient>  $eggs
     * @param  list<Ingredient>  $dairies  and other liquids: stock, wine, water
     * @param  list<Ingredient>  $blended  meat or fish blended in: raw, as for a mousseline, it sets; cooked it does not
     * @param  list<Ingredient>  $thickeners  flour or starch stirred in
     */
    public function __construct(
        #[Text(1, 40)] public string $id,
        public CustardStyle $style,
        #[ListOf(Ingredient::class, self::MOST_INGREDIENTS), IngredientsOfRole(Role::Egg)] public array $eggs,
        #[ListOf(Ingredient::class, self::MOST_INGREDIENTS), IngredientsOfRole(Role::Dairy, Role::Liquid)] public array $dairies,
        #[ListOf(Ingredient::class, self::MOST_INGREDIENTS), IngredientsOfRole(Role::Solid)] public array $blended = [],
        #[Number(self::COLDEST_CELSIUS, self::HOTTEST_CELSIUS, '°C')] public float $fromCelsius = 10.0,
        #[ListOf(Ingredient::class, self::MOST_INGREDIENTS), IngredientsOfRole(Role::Binder)] public array $thickeners = [],
    ) {
    }

    /** Nothing but flesh is blended in. */
    public function refusals(): array
    {
        $refusals = [];
        foreach ($this->blended as $index => $one) {
            if (! $one->food->isFlesh()) {
                $refusals[] = new Refusal('blended-no-flesh', "/blended/$index/food", ['food' => $one->food->name]);
            }
        }

        return $refusals;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function fromCelsius(): float
    {
        return $this->fromCelsius;
    }

    public function grams(): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => $i->grams(), $this->ingredients()));
    }

    public function millilitres(): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => $i->grams() / $i->food->gramsPerMl, $this->ingredients()));
    }

    /** Whole eggs' worth of setting: eggs, the yolk in a mayonnaise, and the protein of raw meat or fish blended in. */
    public function eggCount(): float
    {
        $eggs = array_map(static fn (Ingredient $i): float => $i->food->eggs($i->grams()), [...$this->eggs, ...$this->dairies]);
        $meat = array_map(static fn (Ingredient $i): float => Custard::eggsOfMeat($i->grams() * $i->food->per100g->protein / 100), $this->rawBlended());

        return (float) array_sum([...$eggs, ...$meat]);
    }

    /** @return list<Ingredient> meat or fish blended in raw */
    public function rawBlended(): array
    {
        return array_values(array_filter($this->blended, static fn (Ingredient $i): bool => $i->food->isRawFlesh()));
    }

    /** Of the setting, what yolks alone bring: a whole egg counts a third, 0 to 1. */
    public function yolkShare(): float
    {
        $all = $this->eggCount();
        $yolks = 0.0;
        foreach ($this->eggs as $egg) {
            $share = match (true) {
                $egg->food->eggsPer100g > self::YOLK_EGGS_PER_100G => 1.0,
                $egg->food->eggsPer100g < self::WHITE_EGGS_PER_100G => 0.0,
                default => Custard::YOLK_OF_AN_EGG,
            };
            $yolks += $egg->food->eggs($egg->grams()) * $share;
        }

        return $all > 0 ? $yolks / $all : 0.0;
    }

    /** Fat of the whole custard, 0 to 1. */
    public function fatShare(): float
    {
        $fat = array_sum(array_map(static fn (Ingredient $i): float => $i->grams() * $i->food->per100g->fat / 100, $this->ingredients()));

        return $this->grams() > 0 ? $fat / $this->grams() : 0.0;
    }

    public function liquidGrams(): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => $i->grams() * $i->food->liquidShare, $this->dairies));
    }

    /**
     * @param  list<Ingredient>  $eggs
     * @param  list<Ingredient>  $dairies
     */
    public function with(array $eggs, array $dairies): self
    {
        return new self($this->id, $this->style, $eggs, $dairies, $this->blended, $this->fromCelsius, $this->thickeners);
    }

    public function startingAt(float $celsius): self
    {
        return new self($this->id, $this->style, $this->eggs, $this->dairies, $this->blended, $celsius, $this->thickeners);
    }

    public function scaled(float $factor): self
    {
        $scale = static fn (Ingredient $i): Ingredient => $i->scaled($factor);

        return new self($this->id, $this->style, array_map($scale, $this->eggs), array_map($scale, $this->dairies), array_map($scale, $this->blended), $this->fromCelsius, array_map($scale, $this->thickeners));
    }

    public function ingredients(): array
    {
        return [...$this->eggs, ...$this->dairies, ...$this->blended, ...$this->thickeners];
    }
}
