<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\EntryUnit;
use Hojaldre\Core\Measure\OtherAmount;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;

/** An entry of a cook, put down at its place in a design: what changes there, and the design that comes of it. */
final readonly class TypedIn
{
    /** @param  list<Change>  $changes */
    private function __construct(public Pie $pie, public array $changes)
    {
    }

    /**
     * An amount keeps its words. An oven's temperature is whole degrees and brings "fan" along; water to the rim is whole
     * millilitres. "3 large + 1 yolk" puts the yolk down beside the eggs. In a list of foods the amount is one food more.
     *
     * @param  string  $at  JSON pointer to an amount, a number or a list of foods of the design
     * @param  Food|null  $food  that was measured; needed for a list
     *
     * @throws Refused where there is no such place, or the design would be none
     */
    public static function at(Pie $pie, string $at, Entry $entry, ?Food $food, EggSizing $eggSizing): self
    {
        $changes = self::changes(DocumentWriter::write($pie), $at, $entry, $food, $eggSizing);

        return new self(PieFile::fromDocument(Change::applied($changes, DocumentWriter::write($pie))), $changes);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<Change>
     */
    private static function changes(array $document, string $at, Entry $entry, ?Food $food, EggSizing $eggSizing): array
    {
        $now = Change::valueAt($document, $at);
        if (is_array($now) && array_keys($now) === ['words', 'grams']) {
            return $entry->others === []
                ? [new Change($at, DocumentWriter::write(self::amount($entry)))]
                : [self::beside($document, dirname($at, 2), (int) basename(dirname($at)), $entry, $eggSizing)];
        }
        if (is_array($now) && $food !== null && array_is_list($now)) {
            $document = Change::applied([new Change($at, [...$now, DocumentWriter::write(new Ingredient($food, self::amount($entry)))])], $document);

            return [self::beside($document, $at, count($now), $entry, $eggSizing)];
        }
        if (! is_int($now) && ! is_float($now)) {
            throw Refused::because('no-such-place', '', ['text' => $at]);
        }
        $isWhole = in_array($entry->unit, [EntryUnit::Celsius, EntryUnit::Millilitres], true);
        $changes = [new Change($at, $isWhole ? round($entry->value) : $entry->value)];
        if ($entry->isFan !== null) {
            $changes[] = new Change(dirname($at).'/mode', ($entry->isFan ? OvenMode::Fan : OvenMode::Static)->value);
        }

        return $changes;
    }

    private static function amount(Entry $entry): Amount
    {
        return new Amount($entry->words, $entry->value);
    }

    /**
     * The list that the amount stands in, with what was written beside it put in, or in the place of what there was of it.
     *
     * @param  array<array-key, mixed>  $document
     */
    private static function beside(array $document, string $at, int $index, Entry $entry, EggSizing $eggSizing): Change
    {
        $list = Change::valueAt($document, $at);
        if (! is_array($list) || ! is_array($list[$index] ?? null)) {
            throw Refused::because('no-such-place', '', ['text' => $at]);
        }
        $list[$index] = ['amount' => DocumentWriter::write(self::amount($entry))] + $list[$index];
        $others = array_map(static fn (OtherAmount $one): Ingredient => new Ingredient(EggSizes::apply(Pantry::food($one->food), $eggSizing), new Amount($one->words, $one->grams)), $entry->others);
        $ids = array_map(static fn (Ingredient $one): string => $one->food->id, $others);
        $kept = array_filter($list, static fn (mixed $one): bool => ! in_array(is_array($one) && is_array($one['food'] ?? null) ? $one['food']['id'] ?? '' : '', $ids, true));

        return new Change($at, [...array_values($kept), ...array_map(DocumentWriter::write(...), $others)]);
    }
}
