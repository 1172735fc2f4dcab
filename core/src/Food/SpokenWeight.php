<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\Mass;
use Hojaldre\Core\Measure\Span;
use Hojaldre\Core\Measure\Spoken\SpokenPart;
use Hojaldre\Core\Measure\Spoken\UnitWords;
use Hojaldre\Core\Measure\Volume;
use Hojaldre\Core\Statement\Statement;

/** What one part of an amount weighs, of one food, with how sure that is: "2 heaped tbsp", "3 large", "1 x 400 g tin", "a knob". */
final readonly class SpokenWeight
{
    /** A metric cup, ml (definition). */
    private const METRIC_CUP_ML = 250.0;

    /** Volumes that nobody measures: ml most likely, at least, at most (judgement). */
    private const LOOSE_ML = [
        'pinch' => [0.35, 0.2, 0.7], 'dash' => [0.7, 0.3, 1.5], 'splash' => [15, 7, 30], 'drizzle' => [8, 4, 15], 'glug' => [25, 15, 45], 'handful' => [90, 50, 150], 'spoon' => [15, 8, 25], 'ladle' => [110, 80, 150],
        'squeeze' => [5, 2, 10], 'drop' => [0.05, 0.03, 0.1], 'sprinkle' => [5, 2, 12], 'teacup' => [150, 120, 180], 'mug' => [300, 250, 350], 'glass' => [150, 120, 200], 'knob' => [16, 9, 27], 'nut' => [11, 6, 16],
    ];

    /** "A little": of what pours or melts, and of the rest, ml (judgement). */
    private const LITTLE_ML = ['plain' => [10, 4, 25], 'other' => [2, 0.7, 6]];

    /** A container whose food has none in the table holds, g (common practice, no source). */
    private const CONTAINERS = [
        'tin' => 400.0, 'jar' => 290.0, 'pack' => 200.0, 'bag' => 200.0, 'punnet' => 250.0, 'tub' => 200.0, 'carton' => 300.0, 'bottle' => 500.0, 'block' => 200.0, 'ball' => 125.0, 'log' => 150.0, 'wedge' => 150.0, 'round' => 100.0,
        'bunch' => 30.0, 'sprig' => 1.5, 'leaf' => 1.0, 'slice' => 25.0, 'piece' => 30.0, 'fillet' => 130.0, 'rasher' => 25.0, 'sheet' => 250.0,
    ];

    /** More of them than this, said without a unit, were meant otherwise: "450" are grams (judgement). */
    private const MOST_PIECES = 24.0;

    /** Leaves lie looser than this, g per ml (judgement). */
    private const LEAFY = 0.3;

    /** A medium piece against a small, large and extra large one (judgement). */
    private const SIZE_FACTORS = ['small' => 0.65, 'medium' => 1.0, 'large' => 1.45, 'extra large' => 1.9];

    /** How far 8 in 10 lie from what is most likely, as a share: weighed on a scale, by measure, by pieces (judgement). */
    private const OF_A_JUG = 0.04;

    private const OF_A_CUP = 0.15;

    private const OF_A_SPOON = 0.1;

    private const OF_A_HEAPING_SPOON = 0.2;

    private const OF_AN_EGG = 0.06;

    private const OF_A_SIZED_PIECE = 0.2;

    private const OF_A_PIECE = 0.3;

    private const OF_A_CONTAINER = 0.08;

    private const OF_ANY_CONTAINER = 0.4;

    /** Of a tin, what stays when its liquid is poured away (common practice, no source: 240 g of 400). */
    private const DRAINED_SHARE = 0.6;

    private const DRAINED_SPREAD = 0.08;

    /** Food and no gaps between: it pours or spreads (definition). */
    private const POURS_PACKING = 0.97;

    public function __construct(private CookUnits $units, private Food $food)
    {
    }

    /** @return array{Span, list<Statement>}|null grams, and how they were reached; null where this food does not come in that */
    public function of(SpokenPart $part): ?array
    {
        return match (true) {
            $part->each !== null => $this->container($part, $part->each),
            in_array($part->unit, ['', 'egg'], true) => $part->number->value > self::MOST_PIECES ? null : $this->pieces($part, $this->commonPiece($part->size)),
            UnitWords::isMass($part->unit) => $this->mass($part),
            UnitWords::isVolume($part->unit) => $this->volume($part),
            $part->unit === 'little' => $this->loose($part, $this->pours() ? self::LITTLE_ML['plain'] : self::LITTLE_ML['other']),
            isset(self::LOOSE_ML[$part->unit]) => $this->loose($part, self::LOOSE_ML[$part->unit]),
            default => $this->pieces($part, $part->unit),
        };
    }

    /** @return array{Span, list<Statement>} */
    private function mass(SpokenPart $part): array
    {
        $mass = self::grams($part->number->value, $part->unit);
        $how = $part->unit === 'g' ? [] : [new Statement('amount.mass', ['number' => $part->number->value, 'unit' => $part->unit, 'massGrams' => $mass])];

        return [$part->number->times(self::grams(1.0, $part->unit)), $how];
    }

    private static function grams(float $number, string $unit): float
    {
        return match ($unit) {
            'kg' => Mass::kilograms($number)->grams,
            'oz' => Mass::ounces($number)->grams,
            'lb' => Mass::pounds($number)->grams,
            'mg' => $number / 1000,
            default => $number,
        };
    }

    private function millilitres(string $unit): float
    {
        return Volume::called($unit, 1.0, $this->units)->millilitres ?? 1.0;
    }

    /** @return array{Span, list<Statement>} */
    private function volume(SpokenPart $part): array
    {
        $isSpoon = in_array($part->unit, ['tbsp', 'tsp', 'dsp'], true);
        $spread = match (true) {
            $this->pours() => $isSpoon ? self::OF_A_SPOON : self::OF_A_JUG,
            $isSpoon => $part->fullness === null ? self::OF_A_HEAPING_SPOON : self::OF_A_SPOON,
            default => self::OF_A_CUP,
        };
        $each = $this->millilitres($part->unit);
        $grams = self::filled($part)->times($each * $this->gramsPerMl($part->unit === 'cup'))->by(self::about($spread));
        $isOwnCup = $part->unit === 'cup' && isset($this->food->pieces['cup']);
        $how = $isOwnCup
            ? new Statement('amount.cup', ['number' => $part->number->value, 'system' => $this->units->system->value, 'massGrams' => $grams->value])
            : new Statement('amount.volume', ['exactMl' => self::filled($part)->value * $each, 'number' => $this->food->bulkGramsPerMl, 'system' => $this->units->system->value]);

        return [$grams, [$how]];
    }

    /**
     * @param  array<int, float|int>  $ml
     * @return array{Span, list<Statement>}
     */
    private function loose(SpokenPart $part, array $ml): array
    {
        $size = self::SIZE_FACTORS[$part->size === '' ? 'medium' : $part->size];
        $grams = self::filled($part)->by(Span::of(...array_values(array_map(floatval(...), $ml))))->times($size * $this->gramsPerMl(true));

        return [$grams, [new Statement('amount.loose', ['unit' => $part->unit, 'massGrams' => $grams->value, 'leastGrams' => $grams->least, 'mostGrams' => $grams->most])]];
    }

    /** Leaves and slices lie looser in a cup or a hand than they do in a pie, so some foods have a cup of their own. */
    private function gramsPerMl(bool $isCup): float
    {
        return $isCup && isset($this->food->pieces['cup']) ? $this->food->pieces['cup'] / self::METRIC_CUP_ML : $this->food->bulkGramsPerMl;
    }

    /** @return array{Span, list<Statement>} */
    private function container(SpokenPart $part, float $each): array
    {
        $grams = UnitWords::isMass($part->eachUnit) ? self::grams($each, $part->eachUnit) : $each * $this->millilitres($part->eachUnit) * $this->food->bulkGramsPerMl;
        $span = $part->number->times($grams);
        // what is kept in a liquid is told by the whole tin and weighed without it
        if ($this->isDrained() && in_array($part->unit, ['tin', 'jar'], true)) {
            $span = $span->times(self::DRAINED_SHARE)->by(self::about(self::DRAINED_SPREAD));
        }

        return [$span, [new Statement('amount.pieces', ['number' => $part->number->value, 'piece' => $part->unit, 'eachGrams' => $span->value / max(1e-9, $part->number->value)])]];
    }

    public function isDrained(): bool
    {
        return str_contains($this->food->name, 'drained');
    }

    /** @return array{Span, list<Statement>}|null */
    private function pieces(SpokenPart $part, string $piece): ?array
    {
        if ($this->food->role === Role::Egg && in_array($piece, ['yolk', 'white', ''], true)) {
            $piece = $part->size === '' ? $this->commonPiece('') : $part->size;
        }
        $pieces = $this->food->pieces;
        // bacon is sold in rashers and told in slices
        $piece = $piece === 'slice' && ! isset($pieces['slice']) && isset($pieces['rasher']) ? 'rasher' : $piece;
        if (isset($pieces[$piece])) {
            $isSize = isset(self::SIZE_FACTORS[$piece]);
            $spread = match (true) {
                $this->food->role === Role::Egg => self::OF_AN_EGG * ($part->size === '' ? 2 : 1),
                ! $isSize => isset(self::CONTAINERS[$piece]) && in_array($piece, ['tin', 'jar', 'pack', 'tub', 'carton', 'block', 'ball', 'stick', 'bottle', 'bag'], true) ? self::OF_A_CONTAINER : self::OF_A_SIZED_PIECE,
                default => $part->size === '' ? self::OF_A_PIECE : self::OF_A_SIZED_PIECE,
            };
            $each = $pieces[$piece] * ($isSize || $part->size === '' ? 1.0 : self::SIZE_FACTORS[$part->size]);

            return $this->counted($part, $piece, $each, $spread);
        }
        if (isset(self::SIZE_FACTORS[$piece]) && isset($pieces['medium'])) {
            return $this->counted($part, $piece, $pieces['medium'] * self::SIZE_FACTORS[$piece], self::OF_A_PIECE);
        }
        $each = $this->comesIn($piece) ? self::CONTAINERS[$piece] ?? null : null;

        return $each === null ? null : $this->counted($part, $piece, $each * self::SIZE_FACTORS[$part->size === '' ? 'medium' : $part->size], self::OF_ANY_CONTAINER);
    }

    /** Whether it is sold or cut so at all: there are no bottles of leeks. */
    private function comesIn(string $piece): bool
    {
        return match ($piece) {
            'tub' => $this->pours() || $this->food->isCheese(),
            'carton', 'bottle' => $this->pours(),
            'block', 'ball', 'log', 'wedge', 'round' => $this->food->isCheese(),
            'bunch', 'sprig', 'leaf' => $this->food->texture === Texture::Strands && $this->food->bulkGramsPerMl < self::LEAFY,
            'fillet', 'rasher' => $this->food->isFlesh(),
            'sheet' => $this->food->role === Role::Dough,
            'slice', 'piece', 'punnet' => $this->food->role === Role::Solid && ! $this->pours(),
            default => $this->food->role !== Role::Egg,
        };
    }

    /** @return array{Span, list<Statement>} */
    private function counted(SpokenPart $part, string $piece, float $eachGrams, float $spread): array
    {
        return [$part->number->times($eachGrams)->by(self::about($spread)), [new Statement('amount.pieces', ['number' => $part->number->value, 'piece' => $piece, 'eachGrams' => $eachGrams])]];
    }

    /** What one of them is, where only a number was said. */
    private function commonPiece(string $size): string
    {
        if ($size !== '' && (isset($this->food->pieces[$size]) || isset($this->food->pieces['medium']))) {
            return $size;
        }
        $first = in_array(Allergen::Egg, $this->food->allergens, true) ? ['large', 'medium'] : ['medium', 'clove', 'fillet', 'breast', 'thigh', 'bulb', 'head', 'rasher', 'sausage', 'cob', 'ball', 'slice', 'sheet', 'cube', 'leaf'];
        foreach ($first as $piece) {
            if (isset($this->food->pieces[$piece])) {
                return $piece;
            }
        }

        return '?';
    }

    private function pours(): bool
    {
        return $this->food->texture === Texture::Plain && $this->food->packingShare() > self::POURS_PACKING;
    }

    private static function filled(SpokenPart $part): Span
    {
        return $part->fullness === null ? $part->number : $part->number->by($part->fullness);
    }

    private static function about(float $spread): Span
    {
        return Span::of(1.0, 1 - $spread, 1 + $spread);
    }
}
