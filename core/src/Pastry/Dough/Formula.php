<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pastry\Dough;

use Hojaldre\Core\Document\Judged;
use Hojaldre\Core\Document\ListOf;
use Hojaldre\Core\Document\Number;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Refusal\Refusal;

/** A dough in per cent of its flour, as bakers write it. */
final readonly class Formula implements Judged
{
    /** A limit of ours (definition). */
    private const MOST_PARTS = 6;

    /** Flours add up to a hundred, but for rounding (definition). */
    private const FLOURS_MISS = 0.5;

    /** Below this a food is no fat to make a dough short with, g of fat in 100 g (judgement). */
    private const LEAST_FAT = 50.0;

    private const ID = '^[a-z0-9][a-z0-9-]*$';

    /**
     * @param  string  $id  of the food that it makes
     * @param  list<DoughPart>  $flours  100 % together
     * @param  list<DoughPart>  $fats  butter, lard, oil
     * @param  list<DoughPart>  $liquids  water, milk, yoghurt, fresh cheese
     * @param  list<DoughPart>  $eggs
     * @param  list<DoughPart>  $flavourings  cheese, herbs, seeds
     * @param  int  $letters  times it is folded in three
     * @param  int  $books  times it is folded in four
     */
    public function __construct(
        #[Text(1, 40, self::ID)] public string $id,
        #[Text(1, 60)] public string $name,
        public DoughStyle $style,
        public MixMethod $method,
        #[ListOf(DoughPart::class, self::MOST_PARTS, 1)] public array $flours,
        #[ListOf(DoughPart::class, self::MOST_PARTS)] public array $fats,
        #[ListOf(DoughPart::class, self::MOST_PARTS)] public array $liquids,
        #[ListOf(DoughPart::class, self::MOST_PARTS)] public array $eggs,
        #[Number(0, 8, '% of the flour')] public float $saltPercent,
        #[ListOf(DoughPart::class, self::MOST_PARTS)] public array $flavourings = [],
        #[Whole(0, 8)] public int $letters = 0,
        #[Whole(0, 4)] public int $books = 0,
    ) {
    }

    public function refusals(): array
    {
        $refusals = [];
        $flour = self::sum($this->flours);
        if (abs($flour - 100) > self::FLOURS_MISS) {
            $refusals[] = new Refusal('flours-not-a-hundred', '/flours', ['sumPercent' => round($flour, 1)]);
        }
        foreach ($this->fats as $index => $part) {
            if ($part->food->per100g->fat < self::LEAST_FAT) {
                $refusals[] = new Refusal('no-fat', "/fats/$index/food", ['food' => $part->food->name]);
            }
        }
        if ($this->liquids === [] && $this->eggs === []) {
            $refusals[] = new Refusal('dough-dry', '/liquids');
        }

        return $refusals;
    }

    /** @return list<DoughPart> all that is weighed but the salt, in the order it goes into the bowl */
    public function parts(): array
    {
        return [...$this->flours, ...$this->fats, ...$this->eggs, ...$this->liquids, ...$this->flavourings];
    }

    /** All of it, per cent of its flour. */
    public function totalPercent(): float
    {
        return self::sum($this->parts()) + $this->saltPercent;
    }

    public function fatPercent(): float
    {
        return self::sum($this->fats);
    }

    /** What is poured in by the spoon, per cent of the flour; eggs are not. */
    public function liquidPercent(): float
    {
        return self::sum($this->liquids);
    }

    /** Water of what is poured in and of eggs, per cent of the flour. */
    public function waterPercent(): float
    {
        return array_sum(array_map(static fn (DoughPart $one): float => $one->percent * $one->food->per100g->water / 100, [...$this->liquids, ...$this->eggs]));
    }

    /** What eggs bring that is not water, per cent of the flour. */
    public function eggSolidsPercent(): float
    {
        return array_sum(array_map(static fn (DoughPart $one): float => $one->percent * (1 - $one->food->per100g->water / 100), $this->eggs));
    }

    /** Fat of the whole dough in all of it, 0 to 1: the butter share of a puff. */
    public function fatShare(): float
    {
        return $this->fatPercent() / $this->totalPercent();
    }

    /** Layers of fat after the folds, of one sheet of it folded in: three to the power of the letters, four to that of the books (elementary counting). */
    public function fatLayers(): int
    {
        return $this->letters + $this->books === 0 ? 0 : 3 ** $this->letters * 4 ** $this->books;
    }

    public function flourGrams(float $doughGrams): float
    {
        return $doughGrams * 100 / $this->totalPercent();
    }

    /** With the same dough made of more or less of what is poured in. */
    public function withLiquidPercent(float $percent): self
    {
        $now = $this->liquidPercent();

        return $this->with(liquids: $now <= 0 ? $this->liquids : array_map(static fn (DoughPart $one): DoughPart => new DoughPart($one->food, $one->percent * $percent / $now), $this->liquids));
    }

    public function called(string $id, string $name): self
    {
        return new self($id, $name, $this->style, $this->method, $this->flours, $this->fats, $this->liquids, $this->eggs, $this->saltPercent, $this->flavourings, $this->letters, $this->books);
    }

    /** @param  list<DoughPart>  $liquids */
    private function with(array $liquids): self
    {
        return new self($this->id, $this->name, $this->style, $this->method, $this->flours, $this->fats, $liquids, $this->eggs, $this->saltPercent, $this->flavourings, $this->letters, $this->books);
    }

    /** @param  list<DoughPart>  $parts */
    private static function sum(array $parts): float
    {
        return array_sum(array_map(static fn (DoughPart $one): float => $one->percent, $parts));
    }
}
