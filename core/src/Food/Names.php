<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

use Hojaldre\Core\Food\Pantry\NameKeys;

/** Finds foods by what cooks call them: the standard pantry, and before it the kitchen's own. */
final readonly class Names
{
    /** Words of the longest name (definition). */
    private const MOST_WORDS = 6;

    /** A shorter word is never taken for a misspelt one, letters; a longer one may have two errors (judgement). */
    private const LEAST_LETTERS = 5;

    private const TWO_ERRORS_LETTERS = 8;

    /** In spoons and pinches these words mean the spice, by key (common practice, no source). */
    public const AS_A_SPICE = ['pepper' => 'black-pepper', 'chili' => 'chilli-flakes', 'clove' => 'cloves-ground', 'ginger' => 'ginger', 'fennel' => 'fennel-seeds', 'coriander' => 'ground-coriander', 'lemon' => 'lemon-juice', 'bread' => 'dry-crumbs'];

    /**
     * @param  array<string, Food>  $own  by key
     * @param  array<string, string>  $ids  of the pantry, by key
     */
    private function __construct(private array $own, private array $ids)
    {
    }

    /** @param  list<Food>  $own  foods of the kitchen's own */
    public static function with(array $own): self
    {
        $byKey = [];
        foreach ($own as $food) {
            $byKey[NameKey::of($food->name)] = $food;
        }

        $ids = [];
        foreach (NameKeys::ROWS as $id => $keys) {
            $ids += array_fill_keys(explode('|', $keys), $id);
        }

        return new self($byKey, $ids);
    }

    /** Exactly this name, or null. */
    public function called(string $name): ?Food
    {
        return $this->byKey(NameKey::of($name));
    }

    /**
     * All foods named in these words, the longest names first taken, in the order they stand.
     *
     * @param  list<string>  $words  as NameKey has them
     * @return list<FoundName>
     */
    public function in(array $words): array
    {
        $found = [];
        $taken = [];
        for ($count = min(self::MOST_WORDS, count($words)); $count >= 1; $count--) {
            for ($from = 0; $from + $count <= count($words); $from++) {
                if (array_intersect_key($taken, array_flip(range($from, $from + $count - 1))) !== []) {
                    continue;
                }
                $key = implode(' ', array_slice($words, $from, $count));
                $food = $this->byKey($key);
                if ($food !== null) {
                    $found[$from] = new FoundName($food, $key, $from, $count);
                    $taken += array_fill($from, $count, true);
                }
            }
        }
        ksort($found);

        return array_values($found);
    }

    /**
     * The same, where nothing was found with typing errors mended.
     *
     * @param  list<string>  $words
     * @return list<FoundName>
     */
    public function likely(array $words): array
    {
        $found = $this->in($words);
        if ($found !== []) {
            return $found;
        }
        $known = $this->words();
        $mended = array_map(static fn (string $word): string => self::mended($word, $known), $words);

        return $mended === $words ? [] : array_map(static fn (FoundName $one): FoundName => new FoundName($one->food, $one->key, $one->from, $one->count, true), $this->in($mended));
    }

    private function byKey(string $key): ?Food
    {
        $id = $this->ids[$key] ?? null;

        return $this->own[$key] ?? ($id === null ? null : Pantry::food($id));
    }

    /** @return array<string, true> every word of every name */
    private function words(): array
    {
        return array_fill_keys(explode(' ', implode(' ', array_map(strval(...), array_keys($this->own + $this->ids)))), true);
    }

    /**
     * The word of a name that it most likely is.
     *
     * @param  array<string, true>  $words  that are known
     */
    private static function mended(string $word, array $words): string
    {
        $letters = strlen($word);
        if ($letters < self::LEAST_LETTERS || isset($words[$word])) {
            return $word;
        }
        $best = $letters >= self::TWO_ERRORS_LETTERS ? 3 : 2;
        $mended = $word;
        foreach (array_keys($words) as $known) {
            $known = (string) $known;
            if (abs(strlen($known) - $letters) < $best && $known[0] === $word[0] && strlen($known) >= self::LEAST_LETTERS - 1) {
                $errors = levenshtein($word, $known);
                if ($errors < $best) {
                    [$best, $mended] = [$errors, $known];
                }
            }
        }

        return $mended;
    }
}
