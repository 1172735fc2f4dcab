<?php

declare(strict_types=1);

namespace Hojaldre\Core\Advice;

use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Food\EggSizes;
use Hojaldre\Core\Food\EggSizing;
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
     * millilitres. "3 large + 1 yolk" puts the yolk down beside the eggs.
     *
     * @param  string  $at  JSON pointer to an amount or a number of the design
     *
     * @throws Refused where there is no such place, or the design would be none
     */
    public static function at(Pie $pie, string $at, Entry $entry, EggSizing $eggSizing): self
    {
        $changes = self::changes($pie, $at, $entry, $eggSizing);

        return new self(PieFile::fromDocument(Change::applied($changes, DocumentWriter::write($pie))), $changes);
    }

    /** @return list<Change> */
    private static function changes(Pie $pie, string $at, Entry $entry, EggSizing $eggSizing): array
    {
        $now = Change::valueAt(DocumentWriter::write($pie), $at);
        if (is_array($now) && array_keys($now) === ['words', 'grams']) {
            $kept = new Change($at, DocumentWriter::write(new Amount($entry->words, $entry->value)));

            return $entry->others === [] ? [$kept] : [self::beside($pie, $at, $entry, $eggSizing)];
        }
        if (! is_int($now) && ! is_float($now)) {
            throw Refused::because('no-such-place', '', ['text' => $at]);
        }
        $isWhole = in_array($entry->unit, [EntryUnit::Celsius, EntryUnit::Millilitres], true);
        $changes = [new Change($at, $isWhole ? round($entry->value) : $entry->value)];
        if ($entry->isFan !== null) {
            $changes[] = new Change((string) preg_replace('~[^/]+$~', 'mode', $at), ($entry->isFan ? OvenMode::Fan : OvenMode::Static)->value);
        }

        return $changes;
    }

    /** The list that the amount stands in, with what was written beside it put in, or in the place of what there was of it. */
    private static function beside(Pie $pie, string $at, Entry $entry, EggSizing $eggSizing): Change
    {
        if (preg_match('~^(?<list>.+)/(?<index>\d+)/amount$~', $at, $place) !== 1) {
            throw Refused::because('no-such-place', '', ['text' => $at]);
        }
        /** @var list<array{food: array{id: string}, amount: mixed}> $list */
        $list = Change::valueAt(DocumentWriter::write($pie), $place['list']);
        $list[(int) $place['index']] = ['amount' => DocumentWriter::write(new Amount($entry->words, $entry->value))] + $list[(int) $place['index']];
        $others = array_map(static fn (OtherAmount $one): Ingredient => new Ingredient(EggSizes::apply(Pantry::food($one->food), $eggSizing), new Amount($one->words, $one->grams)), $entry->others);
        $ids = array_map(static fn (Ingredient $one): string => $one->food->id, $others);

        return new Change($place['list'], [
            ...array_values(array_filter($list, static fn (array $one): bool => ! in_array($one['food']['id'], $ids, true))),
            ...array_map(DocumentWriter::write(...), $others),
        ]);
    }
}
