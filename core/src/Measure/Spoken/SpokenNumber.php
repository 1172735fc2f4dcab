<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure\Spoken;

use Hojaldre\Core\Measure\Span;

/** A number as cooks say it: "3", "1 1/2", "half a", "a dozen", "2-3", "35 to 40", "about 200", "a scant". */
final readonly class SpokenNumber
{
    private const WORDS = [
        'one' => 1.0, 'two' => 2.0, 'three' => 3.0, 'four' => 4.0, 'five' => 5.0, 'six' => 6.0, 'seven' => 7.0, 'eight' => 8.0, 'nine' => 9.0, 'ten' => 10.0,
        'eleven' => 11.0, 'twelve' => 12.0, 'fifteen' => 15.0, 'twenty' => 20.0, 'twenty-five' => 25.0, 'thirty' => 30.0, 'forty' => 40.0, 'fifty' => 50.0, 'sixty' => 60.0,
        'dozen' => 12.0, 'hundred' => 100.0,
    ];

    private const ARTICLES = ['a', 'an'];

    private const PARTS = ['half' => 0.5, 'quarter' => 0.25, 'third' => 1 / 3, 'eighth' => 0.125, 'sixteenth' => 0.0625, 'eighths' => 0.125, 'quarters' => 0.25, 'thirds' => 1 / 3];

    /** Words that count loosely: most likely, least, most (judgement). */
    private const LOOSE = ['couple' => [2.0, 2.0, 2.5], 'few' => [3.0, 2.0, 4.0], 'several' => [4.0, 3.0, 6.0]];

    /** Words before a number: what it most likely, at least and at most is of the number (judgement). */
    private const ABOUT = [
        'about' => [1.0, 0.9, 1.1], 'around' => [1.0, 0.9, 1.1], 'approx' => [1.0, 0.9, 1.1], 'approximately' => [1.0, 0.9, 1.1], 'roughly' => [1.0, 0.88, 1.12], 'circa' => [1.0, 0.9, 1.1],
        'ca' => [1.0, 0.9, 1.1], 'say' => [1.0, 0.9, 1.1], 'maybe' => [1.0, 0.8, 1.2], 'perhaps' => [1.0, 0.8, 1.2], '~' => [1.0, 0.9, 1.1], '≈' => [1.0, 0.9, 1.1],
        'nearly' => [0.95, 0.9, 1.0], 'almost' => [0.95, 0.9, 1.0], 'barely' => [0.95, 0.9, 1.0], 'just under' => [0.96, 0.92, 1.0], 'just over' => [1.04, 1.0, 1.1], 'a bit over' => [1.05, 1.0, 1.12],
        'a little over' => [1.05, 1.0, 1.12], 'at least' => [1.05, 1.0, 1.25], 'up to' => [0.9, 0.7, 1.0], 'more than' => [1.1, 1.0, 1.3], 'less than' => [0.9, 0.7, 1.0], 'over' => [1.05, 1.0, 1.2], 'under' => [0.95, 0.85, 1.0],
        'a good' => [1.1, 1.0, 1.25], 'a generous' => [1.12, 1.03, 1.3], 'a scant' => [0.9, 0.8, 0.97], 'scant' => [0.9, 0.8, 0.97], 'generous' => [1.12, 1.03, 1.3], 'good' => [1.1, 1.0, 1.25],
        'only' => [1.0, 1.0, 1.0], 'exactly' => [1.0, 1.0, 1.0], 'another' => [1.0, 1.0, 1.0], 'approximate' => [1.0, 0.9, 1.1],
    ];

    /** Words after a number, in the same way (judgement). */
    private const OR_SO = ['or so' => [1.0, 0.85, 1.15], 'ish' => [1.0, 0.88, 1.12], 'odd' => [1.0, 0.9, 1.15], 'or thereabouts' => [1.0, 0.85, 1.15], 'approx' => [1.0, 0.9, 1.1], 'or more' => [1.1, 1.0, 1.3]];

    private function __construct(public Span $span, public int $next)
    {
    }

    /** The number that begins at this place, or null. */
    public static function at(Tokens $tokens, int $place): ?self
    {
        [$factor, $start] = self::about($tokens, $place);
        $start += $tokens->text($start) === 'between' ? 1 : 0;
        $first = self::loose($tokens, $start) ?? self::one($tokens, $start);
        if ($first === null) {
            // "a scant cup", "a good handful": one of them
            return $start > $place && $factor !== null && in_array($tokens->text($place), self::ARTICLES, true) ? new self(Span::exactly(1.0)->by($factor), $start) : null;
        }
        $all = self::upTo($tokens, $first);
        [$more, $next] = self::after($tokens, $all->next);
        $span = array_reduce(array_filter([$factor, $more]), static fn (Span $span, Span $by): Span => $span->by($by), $all->span);

        return new self($span, $next);
    }

    /** @return array{Span|null, int} */
    private static function about(Tokens $tokens, int $place): array
    {
        foreach (self::ABOUT as $words => $factors) {
            if ($tokens->says($place, $words)) {
                $next = $place + count(explode(' ', $words));
                if (str_starts_with($words, 'a ') || SpokenNumber::at($tokens, $next) !== null) {
                    return [Span::of(...$factors), $next];
                }
            }
        }

        return [null, $place];
    }

    /**
     * "or so" and the like behind a number or its unit.
     *
     * @return array{Span|null, int}
     */
    public static function after(Tokens $tokens, int $place): array
    {
        $place += $tokens->text($place) === '-' && in_array($tokens->text($place + 1), ['ish', 'odd'], true) ? 1 : 0;
        foreach (self::OR_SO as $words => $factors) {
            if ($tokens->says($place, $words)) {
                return [Span::of(...$factors), $place + count(explode(' ', $words))];
            }
        }

        return [null, $place];
    }

    private static function upTo(Tokens $tokens, self $first): self
    {
        if (! in_array($tokens->text($first->next), ['-', 'to', 'or', 'and'], true)) {
            return $first;
        }
        $isAnd = $tokens->text($first->next) === 'and';
        $second = self::one($tokens, $first->next + 1);
        // "3 or a bit more" and "3 and a yolk" are no ranges
        $isRange = $second !== null && ! $isAnd && $second->span->value > $first->span->value && ! in_array($tokens->text($first->next + 1), self::ARTICLES, true)
            && $second->span->value < 10 * $first->span->value;
        $isBetween = $second !== null && $isAnd && $tokens->text($first->next - 2) === 'between';

        return $second !== null && ($isRange || $isBetween) ? new self(Span::between($first->span->least, $second->span->most), $second->next) : $first;
    }

    private static function loose(Tokens $tokens, int $place): ?self
    {
        $at = $place + (in_array($tokens->text($place), self::ARTICLES, true) ? 1 : 0);
        $loose = self::LOOSE[$tokens->text($at)] ?? null;

        return $loose === null ? null : new self(Span::of(...$loose), $at + ($tokens->text($at + 1) === 'of' ? 2 : 1));
    }

    private static function one(Tokens $tokens, int $place): ?self
    {
        $token = $tokens->at($place);
        if ($token === null) {
            return null;
        }
        if ($token->number !== null) {
            return self::digits($tokens, $place, $token);
        }
        if (isset(self::PARTS[$token->text])) {
            return self::part($tokens, $place, 1.0);
        }
        $isArticle = in_array($token->text, self::ARTICLES, true);
        if ($isArticle && isset(self::PARTS[$tokens->text($place + 1)])) {
            return self::part($tokens, $place + 1, 1.0);
        }
        $number = self::WORDS[$token->text] ?? ($isArticle ? 1.0 : null);
        if ($number === null) {
            return null;
        }
        $dash = $tokens->text($place + 1) === '-' ? 1 : 0;
        if (! $isArticle && isset(self::PARTS[$tokens->text($place + 1 + $dash)])) {
            return self::part($tokens, $place + 1 + $dash, $number);
        }
        if (in_array($tokens->text($place + 1), ['dozen', 'hundred'], true)) {
            return new self(Span::exactly($number * self::WORDS[$tokens->text($place + 1)]), $place + 2);
        }

        return $isArticle ? new self(Span::exactly(1.0), $place + 1) : self::andAPart($tokens, $number, $place + 1);
    }

    private static function digits(Tokens $tokens, int $place, Token $token): self
    {
        $number = $token->number ?? 0.0;
        $dash = $tokens->text($place + 1) === '-' ? 1 : 0;
        $fraction = $tokens->at($place + 1 + $dash);
        if (! $token->isFraction && $fraction !== null && $fraction->isFraction && ($fraction->number ?? 1.0) < 1) {
            return new self(Span::exactly($number + $fraction->number), $place + 2 + $dash);
        }
        if ($tokens->text($place + 1) === 'dozen') {
            return new self(Span::exactly($number * 12), $place + 2);
        }
        $of = $tokens->text($place + 1) === 'of' ? 1 : 0;
        if ($token->isFraction && in_array($tokens->text($place + 1 + $of), self::ARTICLES, true)) {
            return new self(Span::exactly($number), $place + 2 + $of);
        }

        return self::andAPart($tokens, $number, $place + 1);
    }

    /** "one and a half", "2 and 1/4". */
    private static function andAPart(Tokens $tokens, float $number, int $place): self
    {
        if ($tokens->text($place) === 'and') {
            $at = $place + (in_array($tokens->text($place + 1), self::ARTICLES, true) ? 2 : 1);
            $part = self::PARTS[$tokens->text($at)] ?? ($tokens->at($at)?->isFraction === true ? $tokens->at($at)->number : null);
            if ($part !== null && $part < 1) {
                return new self(Span::exactly($number + $part), $at + 1);
            }
        }

        return new self(Span::exactly($number), $place);
    }

    /**
     * "and a half" behind a unit: how much of it more.
     *
     * @return array{float, int}|null
     */
    public static function andAPartOf(Tokens $tokens, int $place): ?array
    {
        $part = $tokens->text($place) === 'and' && in_array($tokens->text($place + 1), self::ARTICLES, true) ? self::PARTS[$tokens->text($place + 2)] ?? null : null;

        return $part === null ? null : [$part, $place + 3];
    }

    /** "half a", "half of a", "three quarters of an", "a quarter of the". */
    private static function part(Tokens $tokens, int $place, float $count): self
    {
        $next = $place + 1;
        $next += $tokens->text($next) === '-' ? 1 : 0;
        $next += $tokens->text($next) === 'of' ? 1 : 0;
        $next += in_array($tokens->text($next), [...self::ARTICLES, 'the'], true) ? 1 : 0;

        $part = $count * self::PARTS[$tokens->text($place)];

        return $tokens->text($next) === 'dozen' ? new self(Span::exactly(12 * $part), $next + 1) : new self(Span::exactly($part), $next);
    }
}
