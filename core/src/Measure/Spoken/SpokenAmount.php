<?php

declare(strict_types=1);

namespace Hojaldre\Core\Measure\Spoken;

/**
 * An amount at the beginning of a phrase, and the words that come after it. It knows how amounts are said, not what they weigh:
 * parts that add up ("2 lb 4 oz", "3 and a yolk"), the same told in other ways ("8 oz / 225 g", "(about 300 g)"), and what is drained.
 */
final readonly class SpokenAmount
{
    /**
     * @param  list<SpokenPart>  $parts  that add up; none where no amount was said
     * @param  list<SpokenPart>  $others  the same in other words, each for the whole
     * @param  SpokenPart|null  $drained  its weight without its liquid, where that was said
     * @param  Tokens  $rest  what comes after
     */
    private function __construct(public array $parts, public array $others, public ?SpokenPart $drained, public Tokens $rest)
    {
    }

    public static function of(Tokens $tokens): self
    {
        $parts = $others = [];
        $drained = null;
        $place = 0;
        while (true) {
            $at = $place;
            if ($parts !== []) {
                $sign = $tokens->text($at);
                if ($sign === '(') {
                    [$others, $drained, $parts, $place] = self::bracket($tokens, $at, $parts, $others, $drained);
                    if ($place === $at) {
                        break;
                    }

                    continue;
                }
                if (in_array($sign, ['/', 'or', '='], true) && ($other = PartReader::at($tokens, $at + 1)) !== null && $other[0]->unit !== '') {
                    $others[] = $other[0];
                    $place = $other[1];

                    continue;
                }
                $at += in_array($sign, ['+', 'and', 'plus', 'with'], true) ? 1 : 0;
            }
            $read = PartReader::at($tokens, $at);
            if ($read === null || ($parts !== [] && ! self::addsUp($parts[count($parts) - 1], $read[0], $at > $place, $tokens->at($at)?->number !== null))) {
                break;
            }
            $parts[] = $read[0]->saying($tokens->from($at)->before($read[1] - $at)->raw());
            $place = $read[1];
        }

        // "2 leeks (about 300 g)": the bracket may stand behind the name
        $rest = $tokens->from($place);
        $open = $rest->find('(');
        $isMass = preg_match('/\d\s*(?:g|kg|oz|lb)\b/u', $rest->from($open)->before($rest->find(')') - $open)->words()) === 1;
        if ($parts !== [] && $open < $rest->count() && ($isMass || $open < $rest->find(','))) {
            [$others, $drained, $parts, $next] = self::bracket($rest, $open, $parts, $others, $drained);
            $rest = $next === $open ? $rest : $rest->before($open)->with($rest->from($next));
        }

        return new self($parts, $others, $drained, $rest);
    }

    /** Whether one part more belongs to the same amount: "2 lb 4 oz", "1 cup plus 2 tbsp", "3 and a yolk". */
    private static function addsUp(SpokenPart $before, SpokenPart $part, bool $isJoined, bool $hasNumber): bool
    {
        if ($part->unit === '' && $part->size === '') {
            return false;
        }

        return $isJoined || ($hasNumber && (UnitWords::isMass($before->unit) && UnitWords::isMass($part->unit) || UnitWords::isVolume($before->unit) && UnitWords::isVolume($part->unit)));
    }

    /**
     * @param  non-empty-list<SpokenPart>  $parts
     * @param  list<SpokenPart>  $others
     * @return array{list<SpokenPart>, SpokenPart|null, list<SpokenPart>, int}
     */
    private static function bracket(Tokens $tokens, int $open, array $parts, array $others, ?SpokenPart $drained): array
    {
        $close = $tokens->find(')', $open);
        $inside = $tokens->from($open + 1)->before($close - $open - 1);
        $known = false;
        for ($at = 0; $at < $inside->count(); $at++) {
            $read = PartReader::at($inside, $at);
            if ($read === null || $read[0]->unit === '') {
                continue;
            }
            [$part, $next] = $read;
            $known = true;
            $after = $inside->text($next);
            $last = count($parts) - 1;
            if ($after === 'drained') {
                $drained = $part;
            } elseif ($after === 'each' || (UnitWords::isMass($part->unit) && isset(UnitWords::COUNT[$tokens->text($close + 1)]))) {
                $parts = [...array_slice($parts, 0, -1), $parts[$last]->holding($part->number->value, $part->unit)];
            } else {
                $others[] = $part;
            }
            $at = $next;
        }
        if (! $known) {
            return [$others, $drained, $parts, $open];
        }
        $next = $close + 1;
        // "1 (14 oz) can": the container stands behind its content
        $unit = $tokens->at($next) === null ? null : UnitWords::unit($tokens->all[$next]);
        $last = count($parts) - 1;
        if ($unit !== null && $parts[$last]->unit === '' && isset(UnitWords::COUNT[$tokens->text($next)])) {
            $parts = [...array_slice($parts, 0, -1), new SpokenPart($parts[$last]->number, $unit, $parts[$last]->size, null, $parts[$last]->each, $parts[$last]->eachUnit, $parts[$last]->words)];
            $next++;
        }

        return [$others, $drained, $parts, $next];
    }
}
