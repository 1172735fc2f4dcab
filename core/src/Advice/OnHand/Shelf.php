<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice\OnHand;

use Hojaldre\Core\Food\DoughKind;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Food\Role;

/** What a cook has, told apart by what it is good for in a pie. */
final readonly class Shelf
{
    /** A dry good that lies looser is a herb, g per ml; a solid with more fat is what things are fried in, % (judgement). */
    private const HERB = 0.2;

    private const FAT_PERCENT = 60.0;

    /** What nobody eats a pie of: with those a filling is flavoured (judgement). */
    private const FLAVOURS = ['garlic', 'ginger', 'spring-onions', 'pesto', 'olive-paste', 'chutney', 'cranberry-sauce', 'redcurrant-jelly', 'capers', 'olives', 'lemons', 'dry-rice', 'croutons', 'suet', 'hummus'];

    private const THICKENERS = ['flour', 'cornflour', 'wholemeal-flour', 'gluten-free-flour', 'rice-flour'];

    /** In the order in which they make a better custard (judgement). */
    private const POURED = ['double-cream', 'whipping-cream', 'single-cream', 'creme-fraiche', 'soured-cream', 'whole-milk', 'semi-skimmed-milk', 'yoghurt', 'ricotta'];

    private const SAUCES = ['chicken-stock', 'vegetable-stock', 'beef-stock', 'fish-stock', 'whole-milk', 'single-cream', 'double-cream', 'cider', 'ale', 'passata'];

    /**
     * @param  list<Food>  $vegetables  and fruit and pulses: what fills
     * @param  list<Food>  $flesh  meat, poultry and fish
     * @param  list<Food>  $cheeses
     * @param  list<Food>  $dairies  that pour, best first
     * @param  list<Food>  $liquids  that a sauce is made of, best first
     * @param  list<Food>  $thickeners
     * @param  list<Food>  $doughs
     */
    private function __construct(public array $vegetables, public array $flesh, public array $cheeses, public array $dairies, public array $liquids, public array $thickeners, public array $doughs, public bool $hasEggs)
    {
    }

    /** @param  list<Food>  $have  in the order in which they were ticked */
    public static function of(array $have): self
    {
        $pick = static fn (callable $is): array => array_values(array_filter($have, $is));
        $solid = static fn (Food $one): bool => $one->role === Role::Solid && $one->per100g->fat < self::FAT_PERCENT && ! in_array($one->id, self::FLAVOURS, true) && ($one->bulkGramsPerMl >= self::HERB || Pantry::family($one->id) !== 'dry goods');

        return new self(
            $pick(static fn (Food $one): bool => $solid($one) && ! $one->isFlesh() && ! $one->isCheese()),
            $pick(static fn (Food $one): bool => $solid($one) && $one->isFlesh()),
            $pick(static fn (Food $one): bool => $solid($one) && $one->isCheese()),
            self::ordered($have, self::POURED),
            self::ordered($have, self::SAUCES),
            self::ordered($have, self::THICKENERS),
            $pick(static fn (Food $one): bool => $one->role === Role::Dough),
            $pick(static fn (Food $one): bool => $one->id === 'egg') !== [],
        );
    }

    /**
     * @param  list<Food>  $have
     * @param  list<string>  $ids
     * @return list<Food> those of the ids that are there, in their order
     */
    private static function ordered(array $have, array $ids): array
    {
        $there = array_filter($have, static fn (Food $one): bool => in_array($one->id, $ids, true));
        usort($there, static fn (Food $a, Food $b): int => array_search($a->id, $ids, true) <=> array_search($b->id, $ids, true));

        return $there;
    }

    /** The first dough ticked that bakes like this one; where none was ticked at all, null. */
    public function dough(Food $usual): ?Food
    {
        return array_values(array_filter($this->doughs, static fn (Food $one): bool => $one->doughKind === $usual->doughKind))[0] ?? null;
    }

    /** Any dough closes a fold and covers a dish; a tin is lined with what bakes firm. */
    public function anyDough(): ?Food
    {
        return $this->doughs[0] ?? null;
    }

    /** The dough of a kind from the pantry, where none is there. */
    public static function usual(DoughKind $kind): Food
    {
        return Pantry::food($kind === DoughKind::Puff ? 'ready-puff' : 'shortcrust');
    }
}
