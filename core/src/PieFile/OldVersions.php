<?php

declare(strict_types=1);

namespace Hojaldre\Core\PieFile;

use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pastry\ShellBake;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;

/** Brings documents of earlier versions up to the present one, step by step, without judging them: the reader does that. */
final readonly class OldVersions
{
    /** Places of a folded pie that are called otherwise now. */
    private const PLACES_FROM_FIVE = ['/tin/discs' => '/tin/pieces', '/tin/discDiameterMm' => '/tin/lengthMm'];

    /** What a file without it is taken to have, °C (definition). */
    private const FILLING_CELSIUS = 10;

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     *
     * @throws Refused version-too-new
     */
    public static function lift(array $document): array
    {
        $version = $document['version'] ?? null;
        if ((is_int($version) || is_float($version)) && $version > Pie::VERSION) {
            throw Refused::because('version-too-new', '/version', ['version' => $version, 'newest' => Pie::VERSION]);
        }
        $document = $version === 1 ? self::fromOne($document) : $document;

        $document = ($document['version'] ?? null) === 2 ? self::fromTwo($document) : $document;

        $document = ($document['version'] ?? null) === 3 ? self::fromThree($document) : $document;

        $document = ($document['version'] ?? null) === 4 ? self::fromFour($document) : $document;

        return ($document['version'] ?? null) === 5 ? self::fromFive($document) : $document;
    }

    /**
     * Version 5 knew one way to close dough over a filling: a disc folded in half, crimped at the side. Every vent was cut before.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function fromFive(array $document): array
    {
        $tin = $document['tin'] ?? null;
        if (is_array($tin) && ($tin['shape'] ?? null) === 'folded-discs') {
            $across = array_key_exists('discDiameterMm', $tin) ? ['lengthMm' => $tin['discDiameterMm']] : [];
            $pieces = array_key_exists('discs', $tin) ? ['pieces' => $tin['discs']] : [];
            $document['tin'] = ['shape' => 'folded', 'fold' => 'half-moon'] + $pieces + $across + ['widthMm' => null] + array_diff_key($tin, ['discs' => 0, 'discDiameterMm' => 0]);
        }
        $crust = $document['crust'] ?? null;
        if (is_array($crust) && is_array($crust['lid'] ?? null)) {
            $document['crust'] = ['lid' => $crust['lid'] + ['ventedLate' => false]] + $crust;
        }
        if (is_array($document['assumed'] ?? null)) {
            $document['assumed'] = array_map(static fn (mixed $one): mixed => is_array($one) && is_string($one['place'] ?? null) ? ['place' => self::PLACES_FROM_FIVE[$one['place']] ?? $one['place']] + $one : $one, $document['assumed']);
        }

        return ['version' => 6] + $document;
    }

    /**
     * Version 4 did not say how sure an amount was, what was assumed, what was cooked in one pan, or what thickened a sauce: all
     * was taken as weighed and said.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function fromFour(array $document): array
    {
        $document = self::withSpans($document);
        if (is_array($document['layers'] ?? null)) {
            $document['layers'] = array_map(static fn (mixed $layer): mixed => is_array($layer) ? $layer + match ($layer['kind'] ?? null) {
                'custard' => ['thickeners' => []],
                'solid' => ['pan' => ''],
                default => [],
            } : $layer, $document['layers']);
        }

        return ['version' => 5] + $document + ['assumed' => []];
    }

    /**
     * An amount is what has words and grams and nothing else.
     *
     * @param  array<array-key, mixed>  $node
     * @return array<array-key, mixed>
     */
    private static function withSpans(array $node): array
    {
        if (array_key_exists('words', $node) && array_key_exists('grams', $node)) {
            return $node + ['leastGrams' => null, 'mostGrams' => null];
        }

        return array_map(static fn (mixed $one): mixed => is_array($one) ? self::withSpans($one) : $one, $node);
    }

    /**
     * Version 3 did not say how brown it was wanted; golden is what cooks commonly want. Nothing was matched to a kitchen yet.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function fromThree(array $document): array
    {
        if (is_array($document['bake'] ?? null)) {
            $document['bake'] += ['colour' => 'gold', 'matched' => null];
        }

        return ['version' => 4] + $document;
    }

    /**
     * Version 2 called a scattered layer absorbent and what the tin is made of its ware; a dough did not say how it bakes, it was
     * taken for puff where its id said so.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function fromTwo(array $document): array
    {
        if (is_array($document['layers'] ?? null)) {
            $document['layers'] = array_map(static fn (mixed $layer): mixed => is_array($layer) && ($layer['kind'] ?? null) === 'absorbent' ? ['kind' => 'scattered'] + $layer : $layer, $document['layers']);
        }
        if (is_array($document['bake'] ?? null) && array_key_exists('ware', $document['bake'])) {
            $document['bake'] += ['tinMaterial' => $document['bake']['ware']];
            unset($document['bake']['ware']);
        }

        return ['version' => 3] + self::withDoughKinds($document);
    }

    /**
     * Foods stand in many places of a document, and nothing else has a composition.
     *
     * @param  array<array-key, mixed>  $node
     * @return array<array-key, mixed>
     */
    private static function withDoughKinds(array $node): array
    {
        if (isset($node['per100g']) && ! array_key_exists('doughKind', $node)) {
            $puff = is_string($node['id'] ?? null) && str_contains($node['id'], 'puff');

            return $node + ['doughKind' => ($node['role'] ?? null) === 'dough' ? ($puff ? 'puff' : 'short') : null];
        }

        return array_map(static fn (mixed $one): mixed => is_array($one) ? self::withDoughKinds($one) : $one, $node);
    }

    /**
     * Version 1 knew one preparation to a solid, no lids, nothing scattered and nothing blended in;
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
            $crust['shell'] = array_map(DocumentWriter::write(...), ShellStage::usual($bake));
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
