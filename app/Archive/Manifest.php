<?php

declare(strict_types=1);

namespace App\Archive;

use App\Forecast\Pricing;
use App\Kitchen\Kitchen;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Refusal\Refused;

/** The first file of an archive: what is in it, with the sums that prove it whole. It says no time, so that the same kitchen gives the same archive. */
final readonly class Manifest
{
    public const NAME = 'manifest.json';

    private const FORMAT = 'hojaldre-kitchen';

    private const VERSION = 1;

    /** @param  array<string, array{rows: int|null, bytes: int, sha256: string}>  $files  by name */
    public function __construct(public string $kitchen, public ?float $marginPercent, public ?float $otherCost, public array $files)
    {
    }

    /** @param  array<string, array{rows: int|null, bytes: int, sha256: string}>  $files */
    public static function of(Kitchen $kitchen, array $files): self
    {
        return new self($kitchen->name, $kitchen->margin_percent, $kitchen->other_cost, $files);
    }

    public function text(): string
    {
        return json_encode([
            'format' => self::FORMAT, 'version' => self::VERSION, 'kitchen' => ['name' => $this->kitchen, 'marginPercent' => $this->marginPercent, 'otherCost' => $this->otherCost],
            'files' => array_map(fn (string $name): array => ['name' => $name, ...$this->files[$name]], array_keys($this->files)),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @throws Refused */
    public static function read(string $text): self
    {
        $read = json_decode($text, true, 8);
        $kitchen = is_array($read) ? ($read['kitchen'] ?? null) : null;
        if (! is_array($read) || ($read['format'] ?? null) !== self::FORMAT || ! is_array($kitchen) || ! is_string($kitchen['name'] ?? null) || $kitchen['name'] === '' || mb_strlen($kitchen['name']) > 120 || ! is_array($read['files'] ?? null)) {
            throw Refused::because('archive-no-manifest');
        }
        if (($read['version'] ?? null) !== self::VERSION) {
            throw Refused::because('archive-version', '', ['version' => is_scalar($read['version'] ?? null) ? (string) $read['version'] : '', 'known' => self::VERSION]);
        }
        $files = [];
        foreach ($read['files'] as $one) {
            if (! is_array($one) || ! is_string($one['name'] ?? null) || ! is_int($one['bytes'] ?? null) || ! is_string($one['sha256'] ?? null) || ! (is_int($one['rows'] ?? null) || ($one['rows'] ?? null) === null)) {
                throw Refused::because('archive-no-manifest');
            }
            $files[$one['name']] = ['rows' => $one['rows'] ?? null, 'bytes' => $one['bytes'], 'sha256' => $one['sha256']];
        }
        $pricing = DocumentReader::read(Pricing::class, ['marginPercent' => $kitchen['marginPercent'] ?? null, 'otherCost' => $kitchen['otherCost'] ?? null]);

        return new self($kitchen['name'], $pricing->marginPercent, $pricing->otherCost, $files);
    }
}
