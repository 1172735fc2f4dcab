<?php

declare(strict_types=1);

namespace Tests\Record;

/** A small photo as a camera writes it: with a device, a place and a comment in it. Made by hand; the picture is one grey block of 8 x 8. */
final class Jpeg
{
    public const DEVICE = 'Pocket Camera 9';

    public static function bytes(): string
    {
        $segment = static fn (int $marker, string $body): string => "\xFF".chr($marker).pack('n', strlen($body) + 2).$body;

        return "\xFF\xD8"
            .$segment(0xE0, "JFIF\x00\x01\x01\x00\x00\x01\x00\x01\x00\x00")
            .$segment(0xE1, "Exif\x00\x00MM\x00*".self::DEVICE.' GPS 41.1 N 2.2 E')
            .$segment(0xFE, 'taken by Ada')
            .$segment(0xDB, "\x00".str_repeat("\x10", 64))
            .$segment(0xC0, "\x08\x00\x08\x00\x08\x01\x01\x11\x00")
            // one code for "no difference" in each table
            .$segment(0xC4, "\x00\x01".str_repeat("\x00", 15)."\x00")
            .$segment(0xC4, "\x10\x01".str_repeat("\x00", 15)."\x00")
            .$segment(0xDA, "\x01\x01\x00\x00\x3F\x00")."\x3F"
            ."\xFF\xD9".'behind it: '.self::DEVICE;
    }
}
