<?php

declare(strict_types=1);

namespace App\Record;

use Hojaldre\Core\Refusal\Refused;

/**
 * A photo as it is stored: the picture and nothing else. Segments that name a place, a device or a person (APP1 to APP15, COM) are
 * left out, whatever they are; only the colour tables and the picture stay (JPEG, ITU-T T.81, annex B).
 */
final readonly class JpegFile
{
    public const MOST_BYTES = 2_000_000;

    /** Of a side, pixels (definition). */
    private const MOST_PIXELS = 4096;

    private const MARKER = 0xFF;

    private const SCAN = 0xDA;

    private const COMMENT = 0xFE;

    /** APP0 (JFIF) says only how pixels are shaped; APP14 how colours are written: a decoder needs both. */
    private const KEPT_APPS = [0xE0, 0xEE];

    private function __construct(public string $bytes, public int $width, public int $height)
    {
    }

    /** @throws Refused where it is no photo that can be shown */
    public static function of(string $sent): self
    {
        if (strlen($sent) > self::MOST_BYTES) {
            throw Refused::because('photo-too-large', '', ['mostKilobytes' => intdiv(self::MOST_BYTES, 1000)]);
        }
        $bare = self::bare($sent) ?? throw Refused::because('no-photo');
        $size = @getimagesizefromstring($bare);
        if ($size === false || $size[2] !== IMAGETYPE_JPEG || $size[0] < 1 || $size[1] < 1) {
            throw Refused::because('no-photo');
        }
        if (max($size[0], $size[1]) > self::MOST_PIXELS) {
            throw Refused::because('photo-too-wide', '', ['mostPixels' => self::MOST_PIXELS]);
        }

        return new self($bare, $size[0], $size[1]);
    }

    /** Null where the segments do not follow one another as they must. */
    private static function bare(string $sent): ?string
    {
        if (! str_starts_with($sent, "\xFF\xD8\xFF")) {
            return null;
        }
        $bare = "\xFF\xD8";
        $at = 2;
        while ($at + 4 <= strlen($sent) && ord($sent[$at]) === self::MARKER) {
            $marker = ord($sent[$at + 1]);
            $length = 256 * ord($sent[$at + 2]) + ord($sent[$at + 3]);
            if ($length < 2 || $at + 2 + $length > strlen($sent)) {
                return null;
            }
            if ($marker === self::SCAN) {
                return self::picture($sent, $at, $bare);
            }
            $isApp = $marker >= 0xE0 && $marker <= 0xEF;
            if ($marker !== self::COMMENT && (! $isApp || in_array($marker, self::KEPT_APPS, true))) {
                $bare .= substr($sent, $at, 2 + $length);
            }
            $at += 2 + $length;
        }

        return null;
    }

    /** From the first scan to the end of the picture; what a camera hung on behind it goes. */
    private static function picture(string $sent, int $from, string $bare): ?string
    {
        $at = $from + 2 + 256 * ord($sent[$from + 2]) + ord($sent[$from + 3]);
        while (($at = strpos($sent, "\xFF", $at)) !== false && $at + 1 < strlen($sent)) {
            $marker = ord($sent[$at + 1]);
            if ($marker === 0xD9) {
                return $bare.substr($sent, $from, $at + 2 - $from);
            }
            $isApp = $marker >= 0xE0 && $marker <= 0xEF;
            if ($isApp || $marker === self::COMMENT) {
                // between the scans of a progressive picture nothing of the kind belongs
                return null;
            }
            $at += 2;
        }

        return null;
    }
}
