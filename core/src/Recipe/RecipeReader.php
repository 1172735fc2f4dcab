<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

use Hojaldre\Core\Food\EggSizing;
use Hojaldre\Core\Food\Names;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\Pie\PieKind;
use Hojaldre\Core\Refusal\Refused;

/** Reads a pasted recipe: every line becomes a layer, custard, dough, seasoning or a part of the method, or stays in view as words. */
final readonly class RecipeReader
{
    private const AMERICAN = '/\b(?:all-purpose|half-and-half|half and half|heavy cream|zucchini|scallions?|cilantro|°?\d{3} ?°? ?F\b|sticks? (?:of )?butter|ground beef|9-inch|deep-dish)\b/u';

    private const AUSTRALIAN = '/\b(?:thickened cream|capsicum|tasty cheese|pure cream|shortcrust pastry sheets?|eschalots?|english spinach|silverbeet)\b/iu';

    private const METHOD_BESIDE = '/\b(?:baking (?:beans|paper|parchment|sheet)|parchment|pie weights|foil|cling ?film|string|rolling pin|non-?stick|cooking spray)\b/iu';

    /** More words and no amount: a remark, not a food (judgement). */
    private const MOST_WORDS = 9;

    /** A recipe that lists no more than this is told in its sentences (judgement). */
    private const MOST_LISTED = 3;

    /** A limit of a document, with one left for the custard and one to spare (definition). */
    private const MOST_LAYERS = 28;

    private function __construct(private IngredientReader $reader)
    {
    }

    /**
     * @param  PieKind|null  $kind  what it is to be; null where the recipe tells
     * @param  CookUnits|null  $units  null where the recipe's own words tell whose cup is meant
     *
     * @throws Refused recipe-empty, recipe-too-long
     */
    public static function read(string $pasted, Names $names, ?CookUnits $units, EggSizing $eggs, ?PieKind $kind = null): ReadRecipe
    {
        if (strlen($pasted) > PastedText::MOST_BYTES) {
            throw Refused::because('recipe-too-long', '/text', ['mostKilobytes' => intdiv(PastedText::MOST_BYTES, 1024)]);
        }
        $texts = PastedText::lines($pasted);
        if ($texts === [] && $kind === null) {
            throw Refused::because('recipe-empty', '/text');
        }
        $units ??= self::units(implode("\n", $texts));
        $reader = new self(new IngredientReader($units, $eggs, $names));
        $lines = array_map($reader->named(...), Lines::of($texts, $kind === null));
        $lines = self::fitting(Placing::of($reader->told($lines)));

        return new ReadRecipe($lines, Assembly::of($lines, $names, $kind), $units);
    }

    /**
     * A pie has so many layers at most: what is named beyond them waits in view and is not dropped.
     *
     * @param  list<RecipeLine>  $lines
     * @return list<RecipeLine>
     */
    private static function fitting(array $lines): array
    {
        $layers = 0;

        return array_map(static function (RecipeLine $line) use (&$layers): RecipeLine {
            $more = count(array_filter($line->named, static fn (NamedAmount $one): bool => in_array($one->into, [Into::Layer, Into::Scattered], true)));
            $layers += $more;

            return $more > 0 && $layers > self::MOST_LAYERS ? $line->naming([], LineKind::Waiting) : $line;
        }, $lines);
    }

    private static function units(string $text): CookUnits
    {
        return CookUnits::of(match (true) {
            preg_match(self::AUSTRALIAN, $text) === 1 => VolumeSystem::Australian,
            preg_match(self::AMERICAN, $text) === 1 && preg_match('/\bcups?\b|\btablespoons?\b|\bTbsp\b/iu', $text) === 1 => VolumeSystem::Us,
            default => VolumeSystem::Metric,
        });
    }

    private function named(RecipeLine $line): RecipeLine
    {
        if ($line->kind !== LineKind::Ingredient) {
            return $line;
        }
        if (preg_match(self::METHOD_BESIDE, $line->text) === 1) {
            return $line->naming([], LineKind::Words);
        }
        $heading = Lines::headed($line->text);
        $named = $this->reader->read($heading === null ? $line->text : (string) preg_replace('/^.{3,30}?\s*(?::|\s[-–—])\s+/u', '', $line->text));
        if ($named !== []) {
            return ($heading === null ? $line : new RecipeLine($line->text, $line->kind, $heading))->naming($named, LineKind::Ingredient);
        }
        $isRemark = preg_match('/\d/', $line->text) !== 1 && count(explode(' ', $line->text)) > self::MOST_WORDS;

        return $line->naming([], $isRemark ? LineKind::Words : LineKind::Waiting);
    }

    /**
     * A recipe that is told and not listed: the amounts stand in its sentences.
     *
     * @param  list<RecipeLine>  $lines
     * @return list<RecipeLine>
     */
    private function told(array $lines): array
    {
        $listed = array_filter($lines, static fn (RecipeLine $line): bool => $line->kind === LineKind::Ingredient && $line->named !== []);
        if (count($listed) > self::MOST_LISTED) {
            return $lines;
        }
        // the salt of a dough is not the salt of the filling
        $inFilling = array_filter(Placing::of(array_values($listed)), static fn (RecipeLine $line): bool => $line->named[0]->into !== Into::Dough);
        $seen = array_fill_keys(array_map(static fn (NamedAmount $one): string => $one->food->id, array_merge(...array_map(static fn (RecipeLine $line): array => $line->named, array_values($inFilling)), ...[[]])), true);

        return array_map(function (RecipeLine $line) use (&$seen): RecipeLine {
            if (! in_array($line->kind, [LineKind::Method, LineKind::Words], true)) {
                return $line;
            }
            $named = array_values(array_filter($this->inSentences($line->text), static fn (NamedAmount $one): bool => ! isset($seen[$one->food->id])));
            $seen += array_fill_keys(array_map(static fn (NamedAmount $one): string => $one->food->id, $named), true);

            return $line->naming($named, $line->kind);
        }, $lines);
    }

    /** @return list<NamedAmount> */
    private function inSentences(string $text): array
    {
        $named = [];
        $seen = [];
        foreach (Sentences::of($text) as $sentence) {
            $clauses = preg_split('/,\s+|\s+and\s+(?=(?:a |an |\d|half|some|about|two|three|four|five|six|salt|pepper|the ))|\bwith\s+(?=(?:a |an |\d|half|some|about|two|three|four))|\s+in(?:to)?\s+(?=(?:a |an |\d|some|butter|olive|oil))/iu', $sentence, -1, PREG_SPLIT_NO_EMPTY);
            foreach ($clauses === false ? [] : $clauses as $clause) {
                foreach ($this->reader->read($clause) as $one) {
                    if (($one->isSaid || $one->food->role->value === 'seasoning') && ! isset($seen[$one->food->id])) {
                        $seen[$one->food->id] = true;
                        $named[] = $one;
                    }
                }
            }
        }

        return $named;
    }
}
