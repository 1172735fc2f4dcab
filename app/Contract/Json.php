<?php

declare(strict_types=1);

namespace App\Contract;

use BackedEnum;
use Hojaldre\Core\Document\DocumentWriter;
use Illuminate\Http\JsonResponse;

/** Answers as JSON: the public fields of an answer, and documents of the core as they stand in a file. */
final readonly class Json
{
    public static function response(object $answer, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::value($answer), $status);
    }

    public static function value(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            is_array($value) => array_map(self::value(...), $value),
            $value instanceof \stdClass => $value,
            is_object($value) && str_starts_with($value::class, 'Hojaldre\Core\\') => DocumentWriter::write($value),
            is_object($value) => array_map(self::value(...), get_object_vars($value)),
            default => $value,
        };
    }
}
