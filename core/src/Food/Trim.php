<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * What is left of a food when it is peeled, topped, rinded: share of the bought weight. Common practice, no source, checked against
 * the refuse of USDA tables from memory (docs/sources.md#usda-sr-legacy): bacon with its rind 280 g to 225.
 */
final readonly class Trim
{
    private const KEPT = [
        'leeks' => 0.72, 'onions' => 0.9, 'red-onions' => 0.9, 'shallots' => 0.86, 'spring-onions' => 0.85, 'asparagus' => 0.7, 'streaky-bacon' => 0.8, 'back-bacon' => 0.8,
        'celeriac' => 0.8, 'fennel' => 0.8, 'pumpkin' => 0.72, 'butternut' => 0.8, 'beetroot' => 0.85, 'carrots' => 0.87, 'parsnips' => 0.82, 'potatoes' => 0.85, 'sweet-potatoes' => 0.85,
        'swede' => 0.82, 'turnip' => 0.82, 'celery' => 0.85, 'cauliflower' => 0.62, 'broccoli' => 0.75, 'spinach' => 0.85, 'chard' => 0.85, 'kale' => 0.7, 'mushrooms' => 0.96, 'courgettes' => 0.95,
        'aubergine' => 0.93, 'red-pepper' => 0.82, 'green-pepper' => 0.82, 'yellow-pepper' => 0.82, 'tomatoes' => 0.95, 'apples' => 0.78, 'pears' => 0.82,
    ];

    /** 0 to 1; 1 where nothing is cut off. */
    public static function keptShare(string $food): float
    {
        return self::KEPT[$food] ?? 1.0;
    }

    /** As it is bought, for so much that is trimmed. */
    public static function toBuyGrams(string $food, float $trimmedGrams): float
    {
        return $trimmedGrams / self::keptShare($food);
    }
}
