<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tests\PieFile;

use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;
use Hojaldre\Core\Tests\RandomPie;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The published schema (JSON Schema 2020-12) and the reader, held together by a validator from outside. */
final class SchemaTest extends TestCase
{
    /** Rules between fields that a schema cannot say; these the reader alone refuses. */
    private const BEYOND_SCHEMA = ['heavier-than-before', 'drier-than-dry', 'does-not-sum', 'role-does-not-fit', 'layer-twice', 'custard-twice', 'bulk-above-true', 'rim-narrower-than-floor', 'lid-missing', 'dough-kind-missing', 'blended-no-flesh'];

    public function test_every_valid_pie_fits_the_schema(): void
    {
        foreach (RandomPie::many(60) as $pie) {
            $bytes = PieFile::write($pie);
            $result = self::validator()->validate(json_decode($bytes), 'urn:hojaldre:pie:6');
            self::assertTrue($result->isValid(), $bytes);
        }
    }

    public function test_reader_and_schema_agree_on_mutated_files(): void
    {
        $dice = new Randomizer(new Mt19937(7));
        $seen = ['taken' => 0, 'refused' => 0];
        foreach (RandomPie::many(300, seed: 8) as $pie) {
            $document = json_decode(PieFile::write($pie));
            self::mutate($document, $dice);
            $bytes = (string) json_encode($document);
            $codes = self::codes($bytes);
            // an empty list and an empty object are one and the same to the reader; it writes the right one back
            $judged = $codes === [] ? PieFile::write(PieFile::read($bytes)) : $bytes;
            $valid = self::validator()->validate(json_decode($judged), 'urn:hojaldre:pie:6')->isValid();
            if ($codes === []) {
                self::assertTrue($valid, "The reader took what the schema refuses: $bytes");
            } elseif (array_diff($codes, self::BEYOND_SCHEMA) !== []) {
                self::assertFalse($valid, 'The schema takes what the reader refuses ('.implode(', ', $codes)."): $bytes");
            }
            $seen[$codes === [] ? 'taken' : 'refused']++;
        }
        self::assertGreaterThan(20, min($seen), 'Both sides must have been tried.');
    }

    private static function mutate(mixed &$node, Randomizer $dice): void
    {
        if ((is_object($node) || is_array($node)) && count((array) $node) > 0 && $dice->getInt(0, 9) > 0) {
            $keys = array_keys((array) $node);
            $key = $keys[$dice->getInt(0, count($keys) - 1)];
            if (is_array($node)) {
                self::mutate($node[$key], $dice);
            } else {
                self::mutate($node->{$key}, $dice);
            }

            return;
        }
        $node = match ($dice->getInt(0, 9)) {
            0 => null,
            1 => -1,
            2 => 1e9,
            3 => '',
            4 => 'leeks',
            5 => [],
            6 => new \stdClass,
            7 => true,
            8 => is_int($node) || is_float($node) ? $node * 1.01 : $node,
            default => is_object($node) ? (object) [...(array) $node, 'extra' => 1] : 0.5,
        };
    }

    /** @return list<string> */
    private static function codes(string $bytes): array
    {
        try {
            PieFile::read($bytes);
        } catch (Refused $refused) {
            return array_map(static fn ($one): string => $one->code, $refused->refusals);
        }

        return [];
    }

    private static function validator(): Validator
    {
        static $validator = null;
        if ($validator === null) {
            $validator = new Validator;
            $validator->resolver()?->registerFile('urn:hojaldre:pie:6', __DIR__.'/../../../docs/formats/pie-6.schema.json');
        }

        return $validator;
    }
}
