<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\EntryUnit;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\Mass;
use Hojaldre\Core\Measure\OtherAmount;
use Hojaldre\Core\Measure\QuantityText;
use Hojaldre\Core\Measure\Volume;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Statement\Statement;

/** How many grams a cook's words for an amount of one food come to. */
final readonly class AmountParser
{
    /** A metric cup, ml (definition). */
    private const METRIC_CUP_ML = 250.0;

    public function __construct(private CookUnits $units)
    {
    }

    /**
     * "3 large + 1 yolk" of an egg is two foods: the yolk comes back beside the entry, as an amount of its own.
     *
     * @throws Refused unit-missing, unit-unknown, and those of QuantityText
     */
    public function read(string $words, Food $food): Entry
    {
        $read = QuantityText::read($words);
        $grams = 0.0;
        $how = $others = $own = [];
        foreach ($read->parts as $part) {
            $other = self::partOfAnEgg($part['unit'], $food);
            [$partGrams, $said] = $this->part($part['number'], $part['unit'], $other ?? $food);
            $how = [...$how, ...$said];
            if ($other !== null) {
                $others[] = new OtherAmount($other->id, sprintf('%s %s', Figures::number($part['number'], 2), self::size($part['unit'])), $partGrams);
            } else {
                $grams += $partGrams;
                $own[] = trim(Figures::number($part['number'], 2).' '.$part['unit']);
            }
        }
        $text = $others === [] ? $read->text : ($own === [] ? '0 large' : implode(' + ', $own));

        return new Entry($text, $grams, EntryUnit::Grams, $how, $others);
    }

    private static function partOfAnEgg(string $unit, Food $food): ?Food
    {
        if ($food->id !== 'egg') {
            return null;
        }
        $id = match (1) {
            preg_match('/\byolks?\b/u', $unit) => 'egg-yolk',
            preg_match('/\bwhites?\b/u', $unit) => 'egg-white',
            default => null,
        };

        // as large as the eggs it stands beside
        return $id === null ? null : Pantry::food($id)->withPieces(array_map(
            static fn (float $grams): float => round($grams * ($id === 'egg-yolk' ? 0.34 : 0.66), 1), $food->pieces,
        ));
    }

    private static function size(string $unit): string
    {
        return preg_match('/\b(extra large|small|medium|large)\b/u', $unit, $m) === 1 ? $m[1] : 'large';
    }

    /** @return array{float, list<Statement>} grams, and how they were reached */
    private function part(float $number, string $unit, Food $food): array
    {
        if ($unit === '') {
            throw Refused::because('unit-missing', '', ['number' => $number, 'allowed' => self::known($food)]);
        }

        return self::byWeight($number, $unit, $food)
            ?? $this->byCupOfItsOwn($number, $unit, $food)
            ?? $this->byVolume($number, $unit, $food)
            ?? self::byPiece($number, $unit, $food)
            ?? throw Refused::because('unit-unknown-for-food', '', ['unit' => $unit, 'food' => $food->name, 'allowed' => self::known($food)]);
    }

    /** @return array{float, list<Statement>}|null */
    private static function byWeight(float $number, string $unit, Food $food): ?array
    {
        $first = explode(' ', $unit)[0];
        $mass = match ($first) {
            'g', 'gram', 'grams', 'gr' => Mass::grams($number),
            'kg', 'kilo', 'kilos' => Mass::kilograms($number),
            'oz', 'ounce', 'ounces' => Mass::ounces($number),
            'lb', 'lbs', 'pound', 'pounds' => Mass::pounds($number),
            default => null,
        };
        if ($mass === null) {
            return null;
        }
        if ($food->role === Role::Egg && preg_match('/\bshells?\b/u', $unit) === 1) {
            $grams = $mass->grams * EggSizes::WITHOUT_SHELL;

            return [$grams, [new Statement('amount.in-shell', ['shellGrams' => $mass->grams, 'eggGrams' => $grams])]];
        }

        return [$mass->grams, $first === 'g' ? [] : [new Statement('amount.mass', ['number' => $number, 'unit' => $first, 'massGrams' => $mass->grams])]];
    }

    /**
     * Leaves and slices lie looser in a cup than they do in a pie, so some foods have a cup of their own.
     *
     * @return array{float, list<Statement>}|null
     */
    private function byCupOfItsOwn(float $number, string $unit, Food $food): ?array
    {
        if (preg_match('/^cups?\b/u', $unit) !== 1 || ! isset($food->pieces['cup'])) {
            return null;
        }
        $grams = $number * $food->pieces['cup'] * $this->units->cupMl / self::METRIC_CUP_ML;

        return [$grams, [new Statement('amount.cup', ['number' => $number, 'system' => $this->units->system->value, 'massGrams' => $grams])]];
    }

    /** @return array{float, list<Statement>}|null */
    private function byVolume(float $number, string $unit, Food $food): ?array
    {
        $volume = Volume::called($unit, $number, $this->units);

        return $volume === null ? null : [$volume->millilitres * $food->bulkGramsPerMl, [new Statement('amount.volume', [
            'exactMl' => $volume->millilitres, 'number' => $food->bulkGramsPerMl, 'system' => $this->units->system->value,
        ])]];
    }

    /** @return array{float, list<Statement>}|null */
    private static function byPiece(float $number, string $unit, Food $food): ?array
    {
        $first = explode(' ', $unit)[0];
        if ($food->role === Role::Egg && preg_match('/^(eggs?|yolks?|whites?)$/u', $first) === 1 && isset($food->pieces['large'])) {
            $unit = $first = 'large';
        }
        $pieces = $food->pieces;
        // the longest name first: "extra large" is not "large"
        uksort($pieces, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($pieces as $piece => $pieceGrams) {
            if (str_starts_with($unit, $piece) || $first === $piece || $first === $piece.'s' || $first === $piece.'es' || ($piece === 'leaf' && $first === 'leaves')) {
                return [$number * $pieceGrams, [new Statement('amount.pieces', ['number' => $number, 'piece' => $piece, 'eachGrams' => $pieceGrams])]];
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function known(Food $food): array
    {
        return ['g', 'oz', 'lb', 'ml', 'cups', 'tbsp', 'tsp', ...array_diff(array_keys($food->pieces), ['cup'])];
    }
}
