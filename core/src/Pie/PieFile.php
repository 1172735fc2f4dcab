<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\PieFile\JsonBounds;
use Hojaldre\Core\Refused;
use JsonException;

/** A pie as a file: UTF-8 JSON in one fixed order, so that import and export give the same bytes back. */
final readonly class PieFile
{
    /** @throws Refused */
    public static function read(string $bytes): Pie
    {
        if (strlen($bytes) > JsonBounds::MOST_BYTES) {
            throw Refused::because('file-too-large', '', 'A pie file is at most 256 kB. Choose a file that was exported from Hojaldre.');
        }
        if (! JsonBounds::holds($bytes)) {
            throw Refused::because('too-many-keys', '', 'One object of this file has more than 200 keys, which no pie has. Choose a file that was exported from Hojaldre.');
        }
        $bytes = str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes;
        if (trim($bytes) === '') {
            throw Refused::because('file-empty', '', 'The file is empty. Export the pie again and choose that file.');
        }
        try {
            $document = json_decode($bytes, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw Refused::because('not-json', '', sprintf('The file is not a whole JSON text (%s). It may have been cut short: export it again, or mend it in a text editor.', mb_strtolower($e->getMessage())));
        }
        if (! is_array($document) || array_is_list($document)) {
            throw Refused::because('not-a-pie', '', 'The file holds no pie: it must be one object with "format": "hojaldre-pie".');
        }

        return PieReader::read($document);
    }

    public static function write(Pie $pie): string
    {
        return json_encode($pie->toArray(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }
}
