<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Custard\Custard;
use Hojaldre\Core\Custard\CustardStyle;

/** Eggs and dairy, stirred together and poured. */
final readonly class CustardLayer implements Layer
{
    /**
     * @param  list<Ingredient>  $eggs
     * @param  list<Ingredient>  $dairies
     * @param  list<Ingredient>  $blended  raw meat or fish blended in, as for a mousseline
     */
    public function __construct(
        public string $id,
        public CustardStyle $style,
        public array $eggs,
        public array $dairies,
        public array $blended = [],
        public float $fromCelsius = 10.0,
    ) {
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

    /** Whole eggs' worth of setting: eggs, the yolk in a mayonnaise, and the protein of meat or fish blended in. */
    public function eggCount(): float
    {
        $eggs = array_map(static fn (Ingredient $i): float => $i->food->eggs($i->grams()), [...$this->eggs, ...$this->dairies]);
        $meat = array_map(static fn (Ingredient $i): float => Custard::eggsOfMeat($i->grams() * $i->food->per100g->protein / 100), $this->blended);

        return (float) array_sum([...$eggs, ...$meat]);
    }

    /** Of the setting, what yolks alone bring: a whole egg counts a third, 0 to 1. */
    public function yolkShare(): float
    {
        $all = $this->eggCount();
        $yolks = 0.0;
        foreach ($this->eggs as $egg) {
            $share = match (true) {
                $egg->food->eggsPer100g > 2.4 => 1.0,
                $egg->food->eggsPer100g < 1.8 => 0.0,
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
        return new self($this->id, $this->style, $eggs, $dairies, $this->blended, $this->fromCelsius);
    }

    public function scaled(float $factor): self
    {
        $scale = static fn (Ingredient $i): Ingredient => $i->scaled($factor);

        return new self($this->id, $this->style, array_map($scale, $this->eggs), array_map($scale, $this->dairies), array_map($scale, $this->blended), $this->fromCelsius);
    }

    public function ingredients(): array
    {
        return [...$this->eggs, ...$this->dairies, ...$this->blended];
    }

    public function toArray(): array
    {
        $write = static fn (Ingredient $i): array => $i->toArray();

        return [
            'kind' => 'custard',
            'id' => $this->id,
            'style' => $this->style->value,
            'eggs' => array_map($write, $this->eggs),
            'dairies' => array_map($write, $this->dairies),
            'blended' => array_map($write, $this->blended),
            'fromCelsius' => $this->fromCelsius,
        ];
    }
}
