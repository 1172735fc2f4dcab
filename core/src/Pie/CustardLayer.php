<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Custard\CustardStyle;

/** Eggs and dairy, stirred together and poured. */
final readonly class CustardLayer implements Layer
{
    /**
     * @param  list<Ingredient>  $eggs
     * @param  list<Ingredient>  $dairies
     */
    public function __construct(
        public string $id,
        public CustardStyle $style,
        public array $eggs,
        public array $dairies,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function grams(): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => $i->grams(), $this->ingredients()));
    }

    public function millilitres(): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => $i->grams() / $i->food->gramsPerMl, $this->ingredients()));
    }

    /** Whole eggs' worth of setting. */
    public function eggCount(): float
    {
        return array_sum(array_map(static fn (Ingredient $i): float => $i->food->eggs($i->grams()), $this->eggs));
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
        return new self($this->id, $this->style, $eggs, $dairies);
    }

    public function scaled(float $factor): self
    {
        $scale = static fn (Ingredient $i): Ingredient => $i->scaled($factor);

        return $this->with(array_map($scale, $this->eggs), array_map($scale, $this->dairies));
    }

    public function ingredients(): array
    {
        return [...$this->eggs, ...$this->dairies];
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
        ];
    }
}
