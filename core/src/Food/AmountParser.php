<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\Figures;
use Hojaldre\Core\Measure\Mass;
use Hojaldre\Core\Measure\QuantityText;
use Hojaldre\Core\Measure\Volume;
use Hojaldre\Core\Refusal\Refused;

/** How many grams a cook's words for an amount of one food come to. */
final readonly class AmountParser
{
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
        $said = $others = $own = [];
        foreach ($read->parts as $part) {
            $other = self::partOfAnEgg($part['unit'], $food);
            [$partGrams, $how] = $this->part($part['number'], $part['unit'], $other ?? $food);
            $said[] = $how;
            if ($other !== null) {
                $others[] = ['food' => $other->id, 'words' => sprintf('%s %s', Figures::number($part['number'], 2), self::size($part['unit'])), 'grams' => $partGrams];
            } else {
                $grams += $partGrams;
                $own[] = trim(Figures::number($part['number'], 2).' '.$part['unit']);
            }
        }
        $text = $others === [] ? $read->text : ($own === [] ? '0 large' : implode(' + ', $own));

        return new Entry($text, $grams, 'g', implode('; ', array_filter($said)), $others);
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

    /** @return array{float, string} */
    private function part(float $number, string $unit, Food $food): array
    {
        if ($unit === '') {
            throw Refused::because('unit-missing', '', sprintf('%s what? Add %s.', Figures::number($number, 2), $this->known($food)));
        }
        $first = explode(' ', $unit)[0];
        $mass = match ($first) {
            'g', 'gram', 'grams', 'gr' => Mass::grams($number),
            'kg', 'kilo', 'kilos' => Mass::kilograms($number),
            'oz', 'ounce', 'ounces' => Mass::ounces($number),
            'lb', 'lbs', 'pound', 'pounds' => Mass::pounds($number),
            default => null,
        };
        if ($mass !== null && $food->role === Role::Egg && preg_match('/\bshells?\b/u', $unit) === 1) {
            $grams = $mass->grams * EggSizes::WITHOUT_SHELL;

            return [$grams, sprintf('%s in the shell, %s without', Figures::grams($mass->grams), Figures::grams($grams))];
        }
        if ($mass !== null) {
            return [$mass->grams, $first === 'g' ? '' : sprintf('%s %s = %s', Figures::number($number, 2), $first, Figures::grams($mass->grams))];
        }
        // leaves and slices lie looser in a cup than they do in a pie, so some foods have a cup of their own
        if (preg_match('/^cups?\b/u', $unit) === 1 && isset($food->pieces['cup'])) {
            $grams = $number * $food->pieces['cup'] * $this->units->cupMl / self::METRIC_CUP_ML;

            return [$grams, sprintf('%s %s cup raw and loose = %s', Figures::number($number, 2), $this->units->name, Figures::grams($grams))];
        }
        $volume = Volume::called($unit, $number, $this->units);
        if ($volume !== null) {
            $grams = $volume->millilitres * $food->bulkGramsPerMl;

            return [$grams, sprintf('%s ml at %s g a ml (%s cup and spoons)', Figures::number($volume->millilitres, 1), Figures::number($food->bulkGramsPerMl, 2), $this->units->name)];
        }
        if ($food->role === Role::Egg && preg_match('/^(eggs?|yolks?|whites?)$/u', $first) === 1 && isset($food->pieces['large'])) {
            $unit = $first = 'large';
        }
        $pieces = $food->pieces;
        // the longest name first: "extra large" is not "large"
        uksort($pieces, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($pieces as $piece => $pieceGrams) {
            if (str_starts_with($unit, $piece) || $first === $piece || $first === $piece.'s' || $first === $piece.'es' || ($piece === 'leaf' && $first === 'leaves')) {
                return [$number * $pieceGrams, sprintf('%s %s at %s each', Figures::number($number, 2), $piece, Figures::grams($pieceGrams))];
            }
        }
        throw Refused::because('unit-unknown', '', sprintf('"%s" is not a unit known for %s. Write %s.', $unit, mb_strtolower($food->name), $this->known($food)));
    }

    private function known(Food $food): string
    {
        return Figures::choice(['g', 'oz', 'lb', 'ml', 'cups', 'tbsp', 'tsp', ...array_diff(array_keys($food->pieces), ['cup'])]);
    }
}
