<?php

declare(strict_types=1);

namespace Hojaldre\Core\PieFile;

use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Refusal\Refused;
use JsonException;

/** A pie as a file: UTF-8 JSON in one fixed order, so that import and export give the same bytes back. */
final readonly class PieFile
{
    /** Of nested lists and objects; a pie has seven (definition). */
    private const DEPTH = 32;

    /** @throws Refused */
    public static function read(string $bytes): Pie
    {
        if (strlen($bytes) > JsonBounds::MOST_BYTES) {
            throw Refused::because('file-too-large', '', ['mostKilobytes' => intdiv(JsonBounds::MOST_BYTES, 1024)]);
        }
        if (! JsonBounds::holds($bytes)) {
            throw Refused::because('file-too-many-keys', '', ['most' => JsonBounds::MOST_KEYS]);
        }
        $bytes = str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes;
        if (trim($bytes) === '') {
            throw Refused::because('file-empty');
        }
        try {
            $document = json_decode($bytes, true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw Refused::because('not-json', '', ['why' => mb_strtolower($e->getMessage())]);
        }

        return self::fromDocument($document);
    }

    /** @throws Refused with every fault found */
    public static function fromDocument(mixed $document): Pie
    {
        if (! is_array($document) || array_is_list($document)) {
            throw Refused::because('not-a-pie');
        }

        return DocumentReader::read(Pie::class, OldVersions::lift($document));
    }

    public static function write(Pie $pie): string
    {
        return json_encode(DocumentWriter::write($pie), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }
}
