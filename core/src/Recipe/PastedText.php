<?php

declare(strict_types=1);

namespace Hojaldre\Core\Recipe;

/**
 * What was pasted, as plain lines: text as it stands, or a recipe of the vocabulary of schema.org, written as JSON-LD by itself or in
 * the source of a page.
 */
final readonly class PastedText
{
    /** A limit of ours (definition). */
    public const MOST_BYTES = 200 * 1024;

    public const MOST_LINES = 300;

    /** Of nested lists and objects of a page (definition). */
    private const DEPTH = 24;

    /** @return list<string> */
    public static function lines(string $pasted): array
    {
        $pasted = self::spaced($pasted);
        $recipe = self::linked($pasted);
        if ($recipe !== null) {
            return array_slice(self::ofRecipe($recipe), 0, self::MOST_LINES);
        }
        if (preg_match('~<(?:html|body|li|p|div)\b~i', $pasted) === 1) {
            $pasted = (string) preg_replace('~<(script|style)\b.*?</\1>~is', '', $pasted);
            $pasted = self::plain((string) preg_replace('~<(?:br|/?(?:p|li|ul|ol|div|h\d|tr))\b[^>]*>~i', "\n", $pasted));
        }
        $lines = array_map(trim(...), explode("\n", $pasted));

        return array_slice(array_values(array_filter($lines, static fn (string $line): bool => $line !== '')), 0, self::MOST_LINES);
    }

    /** @return array<array-key, mixed>|null the first recipe in it */
    private static function linked(string $pasted): ?array
    {
        if (! str_contains($pasted, '@type') || ! str_contains($pasted, 'Recipe')) {
            return null;
        }
        preg_match_all('~<script[^>]*application/ld\+json[^>]*>(.*?)</script>~is', $pasted, $found);
        foreach ($found[1] === [] ? [$pasted] : $found[1] as $json) {
            $data = json_decode(trim($json), true, self::DEPTH);
            $recipe = is_array($data) ? self::recipeIn($data) : null;
            if ($recipe !== null) {
                return $recipe;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @return array<array-key, mixed>|null
     */
    private static function recipeIn(array $node): ?array
    {
        $types = is_array($node['@type'] ?? null) ? $node['@type'] : [$node['@type'] ?? null];
        if (in_array('Recipe', $types, true)) {
            return $node;
        }
        foreach ($node as $below) {
            $found = is_array($below) ? self::recipeIn($below) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /**
     * @param  array<array-key, mixed>  $recipe
     * @return list<string>
     */
    private static function ofRecipe(array $recipe): array
    {
        $yield = self::texts($recipe['recipeYield'] ?? null);

        return [
            ...array_slice(self::texts($recipe['name'] ?? null), 0, 1),
            ...($yield === [] ? [] : ['Serves '.$yield[0]]),
            'Ingredients', ...self::texts($recipe['recipeIngredient'] ?? $recipe['ingredients'] ?? null),
            'Method', ...self::texts($recipe['recipeInstructions'] ?? null),
        ];
    }

    /**
     * Texts of a value: itself, a list of them, steps with a text, sections with steps.
     *
     * @return list<string>
     */
    private static function texts(mixed $value): array
    {
        if (is_string($value) || is_int($value) || is_float($value)) {
            $lines = array_map(trim(...), explode("\n", self::plain((string) preg_replace('~<(?:br|/?p|/?li)\b[^>]*>~i', "\n", (string) $value))));

            return array_values(array_filter($lines, static fn (string $line): bool => $line !== ''));
        }
        if (! is_array($value)) {
            return [];
        }
        if (array_is_list($value)) {
            return array_merge(...array_map(self::texts(...), $value), ...[[]]);
        }
        $heading = is_string($value['name'] ?? null) && isset($value['itemListElement']) ? [self::plain($value['name']).':'] : [];

        return [...$heading, ...self::texts($value['text'] ?? $value['itemListElement'] ?? $value['name'] ?? null)];
    }

    private static function plain(string $html): string
    {
        return self::spaced(html_entity_decode((string) preg_replace('/<[^>]*>/', '', $html), ENT_QUOTES | ENT_HTML5));
    }

    /** Line ends and spaces of one kind; what is not seen is not there. */
    private static function spaced(string $text): string
    {
        return str_replace(["\r\n", "\r", "\u{00A0}", "\u{202F}", "\u{2009}", "\u{200B}", "\u{FEFF}"], ["\n", "\n", ' ', ' ', ' ', '', ''], $text);
    }
}
