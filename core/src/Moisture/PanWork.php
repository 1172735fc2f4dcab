<?php

declare(strict_types=1);

namespace Hojaldre\Core\Moisture;

/** What a preparation in a cook's words is, phase by phase (common practice, no source). */
final readonly class PanWork
{
    /** Pressing, squeezing or draining takes so long, min. */
    private const PRESS_MINUTES = 2.0;

    /** Where nobody said how long: minutes of it in all. */
    private const USUAL = ['open' => 8.0, 'covered' => 10.0, 'low' => 20.0, 'boil' => 5.0, 'oven' => 25.0, 'wait' => 60.0, 'lid-off' => 20.0, 'work' => 3.0];

    /** Beginnings of words, the first that is found counts; then the phases with their share of the minutes. */
    private const PHASES = [
        ['steam', [['open', 0.25], ['covered', 0.25], ['lid-off', 0.5]]],
        ['sweat', [['open', 0.5], ['covered', 0.5]]],
        ['soften', [['hot', 0.2], ['low', 0.8]]],
        ['caramel', [['hot', 0.2], ['low', 0.8]]],
        ['collaps', [['hot', 0.2], ['low', 0.8]]],
        ['stew', [['hot', 0.2], ['covered', 0.8]]],
        ['brais', [['hot', 0.2], ['covered', 0.8]]],
        ['reduc', [['lid-off', 1.0]]],
        ['down', [['lid-off', 1.0]]],
        ['blanch', [['boil', 1.0]]],
        ['parboil', [['boil', 1.0]]],
        ['boil', [['boil', 1.0]]],
        ['poach', [['boil', 1.0]]],
        ['simmer', [['boil', 1.0]]],
        ['roast', [['oven', 1.0]]],
        ['char', [['oven', 1.0]]],
        ['grill', [['oven', 1.0]]],
        ['bak', [['oven', 1.0]]],
        ['toast', [['open', 1.0]]],
        ['fr', [['open', 1.0]]],
        ['sear', [['open', 1.0]]],
        ['brown', [['open', 1.0]]],
        ['saut', [['open', 1.0]]],
        ['crisp', [['open', 1.0]]],
        ['render', [['open', 1.0]]],
        ['wilt', [['open', 1.0]]],
        ['cook', [['open', 1.0]]],
        ['salt', [['wait', 1.0]]],
        ['soak', [['wait', 1.0]]],
        ['thaw', [['wait', 1.0]]],
    ];

    private const AFTER = ['squeez' => 'squeeze', 'wring' => 'squeeze', 'press' => 'press', 'drain' => 'drain'];

    /**
     * @param  float|null  $minutes  in all, where it is known
     * @return list<Phase>
     */
    public static function phases(string $preparation, ?float $minutes): array
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($preparation)) ?: [];
        $main = self::main($words);
        $after = [];
        foreach (self::AFTER as $beginning => $name) {
            if (self::says($words, $beginning)) {
                $after[] = new Phase(PhaseName::from($name), self::PRESS_MINUTES);
            }
        }
        if ($main === [] && $after !== []) {
            return $after;
        }
        $main = $main === [] ? [['work', 1.0]] : $main;
        $all = $minutes === null ? self::USUAL[$main[count($main) - 1][0]] : max(1.0, $minutes - self::PRESS_MINUTES * count($after));

        return [...array_map(static fn (array $one): Phase => new Phase(PhaseName::from($one[0]), round($all * $one[1], 1)), $main), ...$after];
    }

    /** @return list<Phase> at the board, with a knife */
    public static function cutting(float $minutes): array
    {
        return [new Phase(PhaseName::Work, round($minutes, 1))];
    }

    /**
     * @param  list<string>  $words
     * @return list<array{string, float}>
     */
    private static function main(array $words): array
    {
        foreach (self::PHASES as [$beginning, $phases]) {
            if (self::says($words, $beginning)) {
                return $phases;
            }
        }

        return [];
    }

    /** @param  list<string>  $words */
    private static function says(array $words, string $beginning): bool
    {
        foreach ($words as $word) {
            if (str_starts_with($word, $beginning)) {
                return true;
            }
        }

        return false;
    }
}
