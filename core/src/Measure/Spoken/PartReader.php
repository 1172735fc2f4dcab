<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure\Spoken;

use Hojaldre\Core\Measure\Span;

/** Reads one part of an amount: "2-3 heaped tbsp", "2 x 400 g tins", "a large bunch", "handful", "jar". */
final readonly class PartReader
{
    /** @return array{SpokenPart, int}|null the part and the place after it */
    public static function at(Tokens $tokens, int $place): ?array
    {
        foreach (['a little', 'a bit', 'a touch', 'a tiny bit'] as $words) {
            $next = $place + count(explode(' ', $words));
            // "a bit over 200 g" is no bit
            if ($tokens->says($place, $words) && $tokens->text($next) !== 'over' && self::unit($tokens, $next)[0] === '') {
                return [new SpokenPart(Span::exactly(1.0), 'little'), $next + ($tokens->text($next) === 'of' ? 1 : 0)];
            }
        }
        $number = SpokenNumber::at($tokens, $place);
        if ($number === null) {
            return self::withoutNumber($tokens, $place);
        }
        $next = $number->next;
        $next += in_array($tokens->text($next), ['x', '*'], true) ? 1 : 0;
        $each = self::each($tokens, $next, $number->next < $next);
        if ($each !== null) {
            [$content, $unit, $container, $next] = $each;

            return [(new SpokenPart($number->span, $container))->holding($content, $unit), $next];
        }

        // "a 400 g tin", "100 g pack"
        $package = $tokens->at($place)?->number === null || ! $number->span->isExact() ? null : self::each($tokens, $place, false);
        if ($package !== null && in_array($package[2], UnitWords::PACKAGES, true)) {
            return [(new SpokenPart(Span::exactly(1.0), $package[2]))->holding($package[0], $package[1]), $package[3]];
        }

        return self::measured($tokens, $number->next, $number->span);
    }

    /**
     * "400 g tins" behind a count, or "400-g tin", "14-oz can".
     *
     * @return array{float, string, string, int}|null
     */
    private static function each(Tokens $tokens, int $place, bool $isTimes): ?array
    {
        $content = $tokens->at($place);
        if ($content?->number === null || $content->isFraction) {
            return null;
        }
        $at = $place + 1;
        $at += $tokens->text($at) === '-' ? 1 : 0;
        $unit = $tokens->at($at) === null ? null : UnitWords::unit($tokens->all[$at]);
        if ($unit === null || ! (UnitWords::isMass($unit) || UnitWords::isVolume($unit))) {
            return null;
        }
        $container = UnitWords::COUNT[$tokens->text($at + 1)] ?? null;

        return $container === null && ! $isTimes ? null : [$content->number, $unit, $container ?? 'pack', $at + ($container === null ? 1 : 2)];
    }

    /** @return array{SpokenPart, int}|null */
    private static function withoutNumber(Tokens $tokens, int $place): ?array
    {
        $read = self::measured($tokens, $place, Span::exactly(1.0));

        // a bare "large" or "g" is no amount
        return $read[0]->unit !== '' && ! UnitWords::isMass($read[0]->unit) && ! UnitWords::isVolume($read[0]->unit) ? $read : null;
    }

    /** @return array{SpokenPart, int} */
    private static function measured(Tokens $tokens, int $place, Span $number): array
    {
        $size = '';
        $fullness = null;
        while (true) {
            $word = $tokens->text($place);
            if ($tokens->says($place, 'extra large') || $tokens->says($place, 'very large')) {
                $size = 'extra large';
                $place += 2;
            } elseif (isset(UnitWords::FULLNESS[$word])) {
                $more = Span::of(...UnitWords::FULLNESS[$word]);
                $fullness = $fullness === null ? $more : $fullness->by($more);
                $place++;
            } elseif (isset(UnitWords::SIZES[$word])) {
                $size = UnitWords::SIZES[$word];
                $place++;
            } elseif ($word === '-' || ($word === 'sized' && $size !== '') || $word === 'size') {
                $place++;
            } else {
                break;
            }
        }
        [$unit, $next] = self::unit($tokens, $place);
        [$more, $next] = SpokenNumber::after($tokens, $next);
        $number = $more === null ? $number : $number->by($more);
        $part = $unit === '' ? null : SpokenNumber::andAPartOf($tokens, $next);
        if ($part !== null) {
            $number = $number->plus(Span::exactly($part[0]));
            $next = $part[1];
        }

        return [new SpokenPart($number, $unit, $size, $fullness), $next];
    }

    /** @return array{string, int} */
    private static function unit(Tokens $tokens, int $place): array
    {
        foreach (['fl oz', 'fluid ounces', 'fluid ounce', 'fl ounce', 'fl ounces', 'fluid oz'] as $words) {
            if ($tokens->says($place, $words)) {
                return ['fl oz', $place + 2];
            }
        }
        foreach (['table spoons' => 'tbsp', 'table spoon' => 'tbsp', 'tea spoons' => 'tsp', 'tea spoon' => 'tsp', 'dessert spoons' => 'dsp', 'dessert spoon' => 'dsp'] as $words => $unit) {
            if ($tokens->says($place, $words)) {
                return [$unit, $place + 2];
            }
        }
        if (in_array($tokens->text($place), ['egg', 'eggs'], true) && in_array(UnitWords::COUNT[$tokens->text($place + 1)] ?? '', ['yolk', 'white'], true)) {
            $place++;
        }
        $token = $tokens->at($place);
        $unit = $token === null ? null : UnitWords::unit($token);

        return $unit === null ? ['', $place] : [$unit, $place + ($tokens->text($place + 1) === 'of' ? 2 : 1)];
    }
}
