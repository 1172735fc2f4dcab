<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/** A name without what is written differently from kitchen to kitchen: accents, capitals, plurals, hyphens, two spellings of one word. */
final readonly class NameKey
{
    private const PLAIN = [
        'à' => 'a', 'á' => 'a', 'â' => 'a', 'ä' => 'a', 'ç' => 'c', 'è' => 'e', 'é' => 'e', 'ê' => 'e', 'ë' => 'e', 'í' => 'i', 'î' => 'i', 'ï' => 'i', 'ñ' => 'n', 'ó' => 'o', 'ô' => 'o', 'ö' => 'o', 'ú' => 'u', 'û' => 'u', 'ü' => 'u', 'œ' => 'oe', 'ß' => 'ss',
    ];

    private const ONE_SPELLING = [
        'yoghurt' => 'yogurt', 'yoghourt' => 'yogurt', 'yogourt' => 'yogurt', 'chilli' => 'chili', 'chile' => 'chili', 'chilly' => 'chili', 'chillie' => 'chili', 'emmenthal' => 'emmental', 'emmenthaler' => 'emmentaler', 'haloumi' => 'halloumi', 'mozarella' => 'mozzarella',
        'mozzarela' => 'mozzarella', 'parmesean' => 'parmesan', 'brocoli' => 'broccoli', 'sourcream' => 'sour cream', 'creme' => 'creme', 'aubergene' => 'aubergine', 'worchestershire' => 'worcestershire', 'tumeric' => 'turmeric', 'tinned' => 'tinned', 'canned' => 'tinned', 'houmous' => 'hummus',
        'leaves' => 'leaf', 'halves' => 'half', 'loaves' => 'loaf', 'shortening' => 'shortening', 'lambs' => 'lamb', 'goats' => 'goat', 'wholemeal' => 'wholemeal', 'sundried' => 'sun dried', 'beansprout' => 'bean sprout', 'sweetpotato' => 'sweet potato', 'grounded' => 'ground', 'coriandre' => 'coriander',
    ];

    /** @return list<string> the words of a name, one by one */
    public static function words(string $name): array
    {
        $plain = strtr(mb_strtolower($name), self::PLAIN);
        $plain = (string) preg_replace("/['’]s\\b|s['’](?=\\s|$)/u", '', $plain);
        $plain = str_replace(["'", '’'], '', $plain);
        $words = preg_split('/[^\p{L}\p{N}%]+/u', $plain, -1, PREG_SPLIT_NO_EMPTY);

        return explode(' ', implode(' ', array_map(self::word(...), $words === false ? [] : $words)));
    }

    public static function of(string $name): string
    {
        return implode(' ', self::words($name));
    }

    private static function word(string $word): string
    {
        $word = self::ONE_SPELLING[$word] ?? $word;
        $one = match (true) {
            strlen($word) <= 3 || preg_match('/(ss|us|is|ous)$/', $word) === 1 => $word,
            preg_match('/[^aeiou]ies$/', $word) === 1 && strlen($word) > 5 => substr($word, 0, -3).'y',
            preg_match('/(oes|sses|shes|ches|xes|zzes)$/', $word) === 1 => substr($word, 0, -2),
            str_ends_with($word, 's') => substr($word, 0, -1),
            default => $word,
        };

        return self::ONE_SPELLING[$one] ?? $one;
    }
}
