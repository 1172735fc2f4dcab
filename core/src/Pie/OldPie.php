<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Bake\ShellStage;
use Hojaldre\Core\Moisture\ShellBake;

/** Brings documents of earlier versions up to the present one, step by step, without judging them: the reader does that. */
final readonly class OldPie
{
    private const FILLING_CELSIUS = 10;

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function upgrade(array $document): array
    {
        return ($document['version'] ?? null) === 1 ? self::fromOne($document) : $document;
    }

    /**
     * Version 1 knew one preparation to a solid, no lids, no strewn layers and nothing blended in;
     * a shell was said to be raw, par-baked or fully baked, a bake was one temperature and its minutes, and every filling was taken to be cool.
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
            $document['crust'] = self::crustFromOne($document['crust']);
        }

        if (is_array($document['bake'] ?? null)) {
            $stage = array_diff_key($document['bake'], ['stages' => 0]) + ['rack' => 'middle', 'tent' => false, 'shield' => false];
            $document['bake'] = ['stages' => [$stage], 'on' => 'rack', 'oven' => null, 'ware' => 'dark-steel'];
        }

        return ['version' => 2] + $document;
    }

    /**
     * @param  array<array-key, mixed>  $crust
     * @return array<array-key, mixed>
     */
    private static function crustFromOne(array $crust): array
    {
        $bake = is_string($crust['shellBake'] ?? null) ? ShellBake::tryFrom($crust['shellBake']) : null;
        if ($bake !== null) {
            unset($crust['shellBake']);
            $crust['shell'] = array_map(static fn (ShellStage $stage): array => $stage->toArray(), ShellStage::usual($bake));
        }

        return $crust + ['lining' => 'tin', 'lid' => null];
    }

    /**
     * @param  array<array-key, mixed>  $layer
     * @return array<array-key, mixed>
     */
    private static function layerFromOne(array $layer): array
    {
        if (($layer['kind'] ?? null) === 'custard') {
            return $layer + ['blended' => [], 'fromCelsius' => self::FILLING_CELSIUS];
        }
        if (! array_key_exists('preparation', $layer) || ! array_key_exists('now', $layer)) {
            return $layer;
        }
        $untouched = $layer['preparation'] === '' && ($layer['now'] == ($layer['bought'] ?? null));
        $layer['steps'] = $untouched ? [] : [['preparation' => $layer['preparation'], 'after' => $layer['now'], 'saltGrams' => 0, 'waterSaltGramsPerLitre' => 0]];
        unset($layer['preparation'], $layer['now']);

        return $layer + ['fromCelsius' => self::FILLING_CELSIUS];
    }
}
