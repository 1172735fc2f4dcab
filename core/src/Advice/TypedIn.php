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
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\OtherAmount;
use Hojaldre\Core\Measure\Span;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Pie\Amount;
use Hojaldre\Core\Pie\Assumed;
use Hojaldre\Core\Pie\Ingredient;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\Places;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Pie\Step;
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
     * millilitres. "3 large + 1 yolk" puts the yolk down beside the eggs. In a list of foods the amount is one food more. "400 g
     * squeezed" brings the step along, with its weight after. What is said now is assumed no more.
     *
     * @param  string  $at  JSON pointer to an amount, a number or a list of foods of the design
     * @param  Food|null  $food  that was measured; needed for a list
     *
     * @throws Refused where there is no such place, or the design would be none
     */
    public static function at(Pie $pie, string $at, Entry $entry, ?Food $food, EggSizing $eggSizing): self
    {
        $document = DocumentWriter::write($pie);
        $changes = self::changes($document, $at, $entry, $food, $eggSizing);
        [$steps, $assumes] = self::steps($pie, $at, $entry);
        $assumed = Assumed::without($pie->assumed, Places::of($pie, $at));
        $assumed = [...array_filter($assumed, static fn (Assumed $one): bool => ! in_array($one->place, $assumes, true)), ...Assumed::all(...$assumes)];
        $changes = [...$changes, ...$steps, ...($assumed == $pie->assumed ? [] : [new Change('/assumed', array_map(DocumentWriter::write(...), array_values($assumed)))])];

        return new self(PieFile::fromDocument(Change::applied($changes, $document)), $changes);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<Change>
     */
    private static function changes(array $document, string $at, Entry $entry, ?Food $food, EggSizing $eggSizing): array
    {
        $now = Change::valueAt($document, $at);
        if (is_array($now) && array_slice(array_keys($now), 0, 2) === ['words', 'grams']) {
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
        $changes = [new Change($at, $isWhole ? round($entry->value) : $entry->value), ...self::otherEnd($document, $at, $entry->value)];
        if ($entry->isFan !== null) {
            $changes[] = new Change(dirname($at).'/mode', ($entry->isFan ? OvenMode::Fan : OvenMode::Static)->value);
        }

        return $changes;
    }

    /**
     * A sloped tin keeps its slope where one end would pass the other.
     *
     * @param  array<string, mixed>  $document
     * @return list<Change>
     */
    private static function otherEnd(array $document, string $at, float $mm): array
    {
        $other = ['/tin/floorDiameterMm' => '/tin/rimDiameterMm', '/tin/rimDiameterMm' => '/tin/floorDiameterMm'][$at] ?? null;
        [$was, $end] = [Change::valueAt($document, $at), $other === null ? null : Change::valueAt($document, $other)];
        if ($other === null || ! is_numeric($was) || ! is_numeric($end) || ($at === '/tin/floorDiameterMm' ? $mm <= $end : $mm >= $end)) {
            return [];
        }

        return [new Change($other, $mm + $end - $was)];
    }

    private static function amount(Entry $entry): Amount
    {
        return Amount::spoken($entry->words, $entry->span());
    }

    /**
     * What was bought tells of a step ("400 g squeezed"), or moves the weight after one that nobody weighed.
     *
     * @return array{list<Change>, list<string>} and the places that are assumed with it
     */
    private static function steps(Pie $pie, string $at, Entry $entry): array
    {
        if (preg_match('~^/layers/(\d{1,3})/bought$~D', $at, $m) !== 1 || ! ($layer = $pie->layers[(int) $m[1]] ?? null) instanceof SolidLayer) {
            return [[], []];
        }
        $place = "/layers/$layer->id/steps/0/after";
        if ($entry->after !== null) {
            $after = Amount::spoken(Figures::grams($entry->after->value), $entry->after);
            $last = count($layer->steps) - 1;
            // the last of several steps was meant; what was done before stays, and so does its salt
            $step = $last < 1 ? new Step($entry->preparation, $after, $layer->steps[0]->saltGrams ?? 0.0, $layer->steps[0]->waterSaltGramsPerLitre ?? 0.0)
                : new Step($layer->steps[$last]->preparation, $after, $layer->steps[$last]->saltGrams, $layer->steps[$last]->waterSaltGramsPerLitre);
            $steps = array_map(DocumentWriter::write(...), [...array_slice($layer->steps, 0, max(0, $last)), $step]);

            // of the two weights, the one that was not said is assumed
            return [[new Change("/layers/$m[1]/steps", $steps)], [$entry->after->isExact() ? "/layers/$layer->id/bought" : "/layers/$layer->id/steps/".max(0, $last).'/after']];
        }
        if (count($layer->steps) === 1 && $pie->assumes($place) && $layer->bought->grams > 0) {
            $after = $layer->steps[0]->after->span()->times($entry->value / $layer->bought->grams);

            return [[new Change("/layers/$m[1]/steps/0/after", DocumentWriter::write(Amount::spoken(Figures::grams($after->value), $after)))], [$place]];
        }

        return [[], []];
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
        $others = array_map(static fn (OtherAmount $one): Ingredient => new Ingredient(EggSizes::apply(Pantry::food($one->food), $eggSizing), Amount::spoken($one->words, Span::of($one->grams, $one->leastGrams ?? $one->grams, $one->mostGrams ?? $one->grams))), $entry->others);
        $ids = array_map(static fn (Ingredient $one): string => $one->food->id, $others);
        $kept = array_filter($list, static fn (mixed $one): bool => ! in_array(is_array($one) && is_array($one['food'] ?? null) ? $one['food']['id'] ?? '' : '', $ids, true));

        return new Change($at, [...array_values($kept), ...array_map(DocumentWriter::write(...), $others)]);
    }
}
