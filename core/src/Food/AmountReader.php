<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Measure\Entry;
use Hojaldre\Core\Measure\KitchenUnits;
use Hojaldre\Core\Measure\Mass;
use Hojaldre\Core\Measure\Say;
use Hojaldre\Core\Measure\Volume;
use Hojaldre\Core\Measure\Words;
use Hojaldre\Core\Refused;

/** How many grams a cook's words for an amount of one food come to. */
final readonly class AmountReader
{
    public function __construct(private KitchenUnits $units)
    {
    }

    /** @throws Refused unit-missing, unit-unknown, and those of Words */
    public function read(string $words, Food $food): Entry
    {
        $read = Words::read($words);
        $grams = 0.0;
        $said = [];
        foreach ($read->parts as $part) {
            [$partGrams, $how] = $this->part($part['number'], $part['unit'], $food);
            $grams += $partGrams;
            $said[] = $how;
        }

        return new Entry($read->text, $grams, 'g', implode('; ', array_filter($said)));
    }

    /** @return array{float, string} */
    private function part(float $number, string $unit, Food $food): array
    {
        if ($unit === '') {
            throw Refused::because('unit-missing', '', sprintf('%s what? Add %s.', Say::number($number, 2), $this->known($food)));
        }
        $first = explode(' ', $unit)[0];
        $mass = match ($first) {
            'g', 'gram', 'grams', 'gr' => Mass::grams($number),
            'kg', 'kilo', 'kilos' => Mass::kilograms($number),
            'oz', 'ounce', 'ounces' => Mass::ounces($number),
            'lb', 'lbs', 'pound', 'pounds' => Mass::pounds($number),
            default => null,
        };
        if ($mass !== null) {
            return [$mass->grams, $first === 'g' ? '' : sprintf('%s %s = %s', Say::number($number, 2), $first, Say::grams($mass->grams))];
        }
        $volume = Volume::called($unit, $number, $this->units);
        if ($volume !== null) {
            $grams = $volume->millilitres * $food->bulkGramsPerMl;

            return [$grams, sprintf('%s ml at %s g a ml (%s cup and spoons)', Say::number($volume->millilitres, 1), Say::number($food->bulkGramsPerMl, 2), $this->units->name)];
        }
        foreach ($food->pieces as $piece => $pieceGrams) {
            if ($first === $piece || $first === $piece.'s' || $first === $piece.'es' || ($piece === 'leaf' && $first === 'leaves')) {
                return [$number * $pieceGrams, sprintf('%s %s at %s each', Say::number($number, 2), $piece, Say::grams($pieceGrams))];
            }
        }
        throw Refused::because('unit-unknown', '', sprintf('"%s" is not a unit known for %s. Write %s.', $unit, mb_strtolower($food->name), $this->known($food)));
    }

    private function known(Food $food): string
    {
        return Say::choice(['g', 'oz', 'lb', 'ml', 'cups', 'tbsp', 'tsp', ...array_keys($food->pieces)]);
    }
}
