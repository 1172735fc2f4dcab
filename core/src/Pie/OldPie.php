<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

/** Brings documents of earlier versions up to the present one, step by step, without judging them: the reader does that. */
final readonly class OldPie
{
    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function upgrade(array $document): array
    {
        return ($document['version'] ?? null) === 1 ? self::fromOne($document) : $document;
    }

    /**
     * Version 1 knew one preparation to a solid, no lids, no strewn layers and nothing blended in.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function fromOne(array $document): array
    {
        if (is_array($document['layers'] ?? null)) {
            $document['layers'] = array_map(static fn (mixed $layer): mixed => is_array($layer) ? self::layerFromOne($layer) : $layer, $document['layers']);
        }
        if (is_array($document['crust'] ?? null)) {
            $document['crust'] += ['lining' => 'tin', 'lid' => null];
        }

        return ['version' => 2] + $document;
    }

    /**
     * @param  array<array-key, mixed>  $layer
     * @return array<array-key, mixed>
     */
    private static function layerFromOne(array $layer): array
    {
        if (($layer['kind'] ?? null) === 'custard') {
            return $layer + ['blended' => []];
        }
        if (! array_key_exists('preparation', $layer) || ! array_key_exists('now', $layer)) {
            return $layer;
        }
        $untouched = $layer['preparation'] === '' && ($layer['now'] == ($layer['bought'] ?? null));
        $layer['steps'] = $untouched ? [] : [['preparation' => $layer['preparation'], 'after' => $layer['now'], 'saltGrams' => 0, 'waterSaltGramsPerLitre' => 0]];
        unset($layer['preparation'], $layer['now']);

        return $layer;
    }
}
